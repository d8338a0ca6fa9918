package io.isokinet.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Numbers are fields: no pattern over a label, a text or a key decides one, in the core, the server or the web. What reads numbers out
 * of text reads a format from outside, and is named here with what it reads.
 */
class WordsDecideNothingTest {
    private static final Path ROOT = Path.of("..");

    /** Files that read numbers out of text, and what that text is. */
    private static final Map<String, String> READERS = Map.ofEntries(
            Map.entry("Games.java", "the protocol of a score between the core and the browser"),
            Map.entry("UnitFile.java", "stations in files from before; no number"),
            Map.entry("Lengths.java", "lengths that were signed where the sentence was made"),
            Map.entry("RosterController.java", "which column of a table is which"),
            Map.entry("RosterReader.java", "a roster file"),
            Map.entry("OutcomeTable.java", "a table of outcomes that somebody made"),
            Map.entry("CupboardController.java", "a count that somebody typed"),
            Map.entry("IcsReader.java", "a calendar file"),
            Map.entry("SymptomController.java", "the number of a fault within its cue, written by the same class"),
            Map.entry("Beside.java", "a year that the database made"),
            Map.entry("TimetableText.java", "a timetable that somebody pasted"));

    private static final Pattern FINDS = Pattern.compile(
            "Pattern\\.compile|\\.matches\\(\"|\\.split\\(|\\.substring\\(|\\.replaceAll\\(|\\.group\\(");
    private static final Pattern COUNTS = Pattern.compile("parseInt|parseDouble|Integer::valueOf|Double\\.valueOf\\(");

    @Test
    void javaReadsNumbersOutOfFormatsAlone() throws IOException {
        List<String> found = new ArrayList<>();
        for (String module : List.of("core", "server", "planner"))
            for (Path file : files(ROOT.resolve(module).resolve("src/main/java"), ".java")) {
                String text = Files.readString(file);
                String name = file.getFileName().toString();
                if (FINDS.matcher(text).find() && COUNTS.matcher(text).find() && !READERS.containsKey(name))
                    found.add(name);
            }
        assertThat(found).isEmpty();
    }

    /** A digit looked for in a text, a number made of a part of one, or a thing told by how its label begins. */
    private static final Pattern IN_THE_WEB = Pattern.compile(
            "/[^/\\n]*\\\\d[^/\\n]*/[gimsuy]*\\.(exec|test)|\\.match\\(/|Number\\([^)]*\\.(slice|split|substring|match)"
                    + "|parse(Int|Float)\\(");

    /** Files that read a format, and what it is; or that tell no number. */
    private static final Map<String, String> READERS_IN_THE_WEB = Map.of(
            "ClassGroups.tsx", "whether a label is the number of a group, which is then said so",
            "scores.ts", "the protocol of a score between the core and the browser",
            "WeekDay.tsx", "a time of day as a field for times gives it");

    @Test
    void theWebReadsNoNumbersOutOfWords() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path file : files(ROOT.resolve("web/src"), ".ts", ".tsx")) {
            String name = file.getFileName().toString();
            if (name.contains(".test.") || name.equals("schema.d.ts") || READERS_IN_THE_WEB.containsKey(name)) continue;
            if (IN_THE_WEB.matcher(Files.readString(file)).find()) found.add(name);
        }
        assertThat(found).isEmpty();
    }

    /** The patterns find what they are for. */
    @Test
    void aPatternOverALabelWouldBeFound() {
        assertThat(IN_THE_WEB.matcher("const m = label.match(/(\\d+) m/)").find())
                .isTrue();
        assertThat(IN_THE_WEB.matcher("Number(what.slice(7))").find()).isTrue();
        assertThat(FINDS.matcher("Pattern.compile(\"(\\\\d+) m\")").find()).isTrue();
        assertThat(COUNTS.matcher("Integer.parseInt(m.group(1))").find()).isTrue();
    }

    private static List<Path> files(Path under, String... endings) throws IOException {
        try (Stream<Path> all = Files.walk(under)) {
            return all.filter(p -> Stream.of(endings).anyMatch(p.toString()::endsWith))
                    .toList();
        }
    }
}
