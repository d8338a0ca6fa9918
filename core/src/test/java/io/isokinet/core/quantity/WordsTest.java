package io.isokinet.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
    /** A text with a number that has a point, formatted by what the machine speaks. */
    private static final Pattern BY_THE_MACHINE = Pattern.compile(
            "%[0-9]*[.,][0-9]*[fd][^\"]*\"(?:\\s*\\+\\s*\"[^\"]*\")*\\s*\\)?\\s*\\.formatted\\(|String\\.format\\(\\s*\"");

    @Test
    void numbersReadTheSameWhateverTheMachineSpeaks() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.GERMANY);
            assertThat(Words.say("%.2f rad, %,d looks", 0.53, 12000)).isEqualTo("0.53 rad, 12,000 looks");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void noSentenceFollowsTheMachine() {
        for (String module : List.of("core", "know-how", "planner", "browser", "server"))
            assertThat(sources(module)
                            .filter(f -> BY_THE_MACHINE.matcher(read(f)).find()))
                    .as("sentences of %s that follow the machine's locale; use Words.say", module)
                    .isEmpty();
    }

    private static Stream<Path> sources(String module) {
        try (Stream<Path> all = Files.walk(Path.of("..", module, "src/main/java"))) {
            return all.filter(f -> f.toString().endsWith(".java")).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
