package io.isokinet.planner;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.UnitProblem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The best there is for each of the small units, proved once by {@code bin/prove-optima} and stored: a line a unit, its cost, then
 * its segments as activity@setting:minutes:introduces:focus:watch.
 */
final class Optima {
    private static final Path FILE = Path.of("src/test/resources/optima.txt");
    private static final double SECONDS = 600;

    private Optima() {}

    /** @param choices everything in it fixed */
    record Optimum(long objective, List<List<Choice>> choices) {}

    /** Proves all and stores them. */
    public static void main(String[] args) throws IOException {
        List<String> lines = new ArrayList<>();
        for (int number = 0; number < Instances.SMALL; number++) {
            UnitProblem problem = Instances.small(number);
            Candidates candidates = new Candidates(problem);
            ExactModel.Solved solved =
                    new ExactModel(problem, candidates, new Frame(problem, candidates, Instances.ids())).solve(SECONDS);
            if (!solved.proved()) throw new IllegalStateException("Unit " + number + " was not proved in time.");
            lines.add(solved.objective() + " "
                    + solved.rows().stream()
                            .map(row -> row.stream().map(Optima::told).collect(Collectors.joining(",")))
                            .collect(Collectors.joining(";")));
            System.out.println(number + ": " + solved.score());
        }
        Files.write(FILE, lines);
    }

    /** @param frame of the same unit, for the ids and phases */
    static Optimum of(int number, Frame frame) {
        String line = lines().get(number);
        List<List<Choice>> rows = frame.rows();
        String[] lessons = line.substring(line.indexOf(' ') + 1).split(";");
        for (int l = 0; l < lessons.length; l++) {
            String[] segments = lessons[l].split(",");
            for (int i = 0; i < segments.length; i++)
                rows.get(l).set(i, read(rows.get(l).get(i), segments[i].split(":", -1)));
        }
        return new Optimum(Long.parseLong(line.substring(0, line.indexOf(' '))), rows);
    }

    private static String told(Choice c) {
        return "%s@%d:%d:%s:%s:%s"
                .formatted(
                        c.activity().keys().get(0),
                        c.setting(),
                        c.minutes(),
                        String.join("+", c.introduces()),
                        String.join("+", c.focus()),
                        c.watch() == null ? "" : c.watch());
    }

    private static Choice read(Choice slot, String[] told) {
        String[] activity = told[0].split("@");
        return slot.withActivity(ActivityKeys.of(activity[0]), Integer.parseInt(activity[1]))
                .withMinutes(Integer.parseInt(told[1]))
                .withCues(keys(told[2]), keys(told[3]), told[4].isEmpty() ? null : told[4]);
    }

    private static List<String> keys(String joined) {
        return joined.isEmpty() ? List.of() : Arrays.asList(joined.split("\\+"));
    }

    private static List<String> lines() {
        try {
            return Files.readAllLines(FILE);
        } catch (IOException e) {
            throw new UncheckedIOException("There are no stored optima; run bin/prove-optima.", e);
        }
    }
}
