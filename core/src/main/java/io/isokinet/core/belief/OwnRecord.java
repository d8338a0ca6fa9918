package io.isokinet.core.belief;

import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * How often what was believed came true: every look that a school has made is foretold from all that was seen on the days before it,
 * as it would have been on the evening before.
 *
 * @param tenths by what was said, from 0 to 1 in 10 to 9 to 10 in 10
 * @param looks that were foretold
 * @param widened factor on the spread of what the rest of a class says, under which the looks were best foretold; 1 where it holds as it is
 */
public record OwnRecord(List<Tenth> tenths, int looks, double widened) {
    private static final int TENTHS = 10;
    /** A tenth that holds fewer looks says nothing. Common practice. */
    private static final int FEWEST = 50;
    /** So far off in the mean may a tenth be. */
    private static final double CLOSE = 0.08;

    /** Errors of a share within which ten tenths stay together in nineteen of twenty records that are right; normal distribution. */
    private static final double ERRORS = 2.81;

    private static final List<Double> WIDER = List.of(1.25, 1.6, 2.0);

    public OwnRecord {
        tenths = List.copyOf(tenths);
    }

    /**
     * Looks of which about the same was said.
     *
     * @param from tenth, 0 to 9
     * @param said mean chance that was said, 0 to 1; 0 where there were none
     * @param shown of those {@code looks}
     */
    public record Tenth(int from, double said, int shown, int looks) {
        /** Share that was shown, 0 to 1; 0 where there were none. */
        public double came() {
            return looks == 0 ? 0 : shown / (double) looks;
        }

        /** Whether it is farther off than so many looks let it be. */
        public boolean isOff() {
            if (looks < FEWEST) return false;
            double error = Math.sqrt(said * (1 - said) / looks);
            return Math.abs(came() - said) > Math.max(CLOSE, ERRORS * error);
        }
    }

    private record Said(double chance, boolean shown) {}

    /** @param classes of one school @param priors as they are used there */
    public static OwnRecord of(List<ClassLooks> classes, Priors priors) {
        List<Said> asItIs = replay(classes, priors.withWidened(1));
        OwnRecord record = new OwnRecord(tenths(asItIs), asItIs.size(), 1);
        if (record.tenths().stream().noneMatch(Tenth::isOff)) return record;
        double best = score(asItIs);
        double widened = 1;
        for (double wider : WIDER) {
            double score = score(replay(classes, priors.withWidened(wider)));
            if (score <= best) break;
            best = score;
            widened = wider;
        }
        return new OwnRecord(record.tenths(), record.looks(), widened);
    }

    private static List<Said> replay(List<ClassLooks> classes, Priors priors) {
        return classes.parallelStream()
                .map(c -> replay(c, priors))
                .flatMap(List::stream)
                .toList();
    }

    private static List<Said> replay(ClassLooks all, Priors priors) {
        List<Said> said = new ArrayList<>();
        for (double day : new TreeSet<>(all.looks().stream().map(Look::day).toList())) {
            ClassLooks before = all.before(day);
            if (before.looks().isEmpty()) continue;
            List<Look> made = all.looks().stream().filter(l -> l.day() == day).toList();
            ClassBelief belief = ClassBelief.of(before, priors)
                    .inLesson(day, made.stream().map(Look::cue).collect(toSet()));
            for (Look l : made)
                if (belief.knows(l.child(), l.cue())) said.add(new Said(belief.foretells(l), l.shown()));
        }
        return said;
    }

    private static List<Tenth> tenths(List<Said> said) {
        double[] sum = new double[TENTHS];
        int[] shown = new int[TENTHS];
        int[] looks = new int[TENTHS];
        for (Said s : said) {
            int t = Math.min(TENTHS - 1, (int) (TENTHS * s.chance()));
            sum[t] += s.chance();
            looks[t]++;
            if (s.shown()) shown[t]++;
        }
        List<Tenth> tenths = new ArrayList<>();
        for (int t = 0; t < TENTHS; t++)
            tenths.add(new Tenth(t, looks[t] == 0 ? 0 : sum[t] / looks[t], shown[t], looks[t]));
        return tenths;
    }

    private static double score(List<Said> said) {
        return said.stream()
                .mapToDouble(s -> Math.log(Math.max(1e-9, s.shown() ? s.chance() : 1 - s.chance())))
                .average()
                .orElse(0);
    }

    /** In plain words. */
    public String sentence() {
        if (looks == 0) return "Nothing was foretold yet: it takes looks on two days.";
        List<Tenth> off = tenths.stream().filter(Tenth::isOff).toList();
        String told = "%d looks were foretold on the evening before.".formatted(looks);
        if (off.isEmpty()) return told + " What was said came true as often as it was said.";
        Tenth worst = off.get(0);
        for (Tenth t : off) if (Math.abs(t.came() - t.said()) > Math.abs(worst.came() - worst.said())) worst = t;
        return "%s Where %d in 100 was said, it was %d in 100%s"
                .formatted(
                        told,
                        Math.round(100 * worst.said()),
                        Math.round(100 * worst.came()),
                        widened > 1 ? ": what is believed is held less surely since." : ".");
    }
}
