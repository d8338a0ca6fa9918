package io.isokinet.core.eye;

import io.isokinet.core.mastery.Agreement;
import io.isokinet.core.quantity.Words;
import java.util.List;

/**
 * How often an eye was right.
 *
 * @param seen there and pressed as shown
 * @param missed there and pressed as not yet
 * @param falseAlarms not there and pressed as shown
 * @param rejected not there and pressed as not yet
 * @param seconds a look, in the mean
 */
public record Verdict(int seen, int missed, int falseAlarms, int rejected, double seconds) {
    /** Of nobody's. */
    public static final Verdict NONE = new Verdict(0, 0, 0, 0, 0);

    private static final double Z = 1.959964;

    /** A share with the bounds within which it lies 95 times in a hundred: Wilson, J. Am. Stat. Assoc. 22 (1927). */
    public record Share(int of, int all, double low, double high) {
        /** @throws IllegalArgumentException if there are more of them than in all */
        public static Share of(int of, int all) {
            if (of < 0 || of > all) throw new IllegalArgumentException("%d of %d is no share.".formatted(of, all));
            if (all == 0) return new Share(0, 0, 0, 1);
            double p = (double) of / all;
            double z2 = Z * Z;
            double middle = (p + z2 / (2 * all)) / (1 + z2 / all);
            double half = Z / (1 + z2 / all) * Math.sqrt(p * (1 - p) / all + z2 / (4.0 * all * all));
            return new Share(of, all, Math.max(0, middle - half), Math.min(1, middle + half));
        }
    }

    /** An answer to one child. */
    public record Pressed(boolean shown, double seconds) {}

    /**
     * Counts the answers to a round.
     *
     * @throws IllegalArgumentException if there are not as many answers as children
     */
    public static Verdict of(List<Boolean> there, List<Pressed> pressed) {
        if (there.size() != pressed.size())
            throw new IllegalArgumentException("There are %d children and %d answers; each child gets one."
                    .formatted(there.size(), pressed.size()));
        int[] counts = new int[4];
        double seconds = 0;
        for (int i = 0; i < there.size(); i++) {
            counts[(there.get(i) ? 0 : 2) + (pressed.get(i).shown() == there.get(i) ? 0 : 1)]++;
            seconds += pressed.get(i).seconds();
        }
        return new Verdict(counts[0], counts[1], counts[3], counts[2], there.isEmpty() ? 0 : seconds / there.size());
    }

    /** Both together. */
    public Verdict and(Verdict other) {
        int looks = looks() + other.looks();
        return new Verdict(
                seen + other.seen,
                missed + other.missed,
                falseAlarms + other.falseAlarms,
                rejected + other.rejected,
                looks == 0 ? 0 : (looks() * seconds + other.looks() * other.seconds) / looks);
    }

    public int looks() {
        return seen + missed + falseAlarms + rejected;
    }

    public Share right() {
        return Share.of(seen + rejected, looks());
    }

    /** Of those that were there. */
    public Share misses() {
        return Share.of(missed, seen + missed);
    }

    /** Of those that were not there. */
    public Share alarms() {
        return Share.of(falseAlarms, falseAlarms + rejected);
    }

    /** With the truth, beyond chance. */
    public Agreement agreement() {
        return new Agreement(seen, missed, falseAlarms, rejected);
    }

    /** In a sentence or two, with what to do next. */
    public String sentence() {
        Share right = right();
        String told = Words.say(
                "Right %d of %d (%d to %d in a hundred), %.1f s a look.",
                right.of(), right.all(), Math.round(100 * right.low()), Math.round(100 * right.high()), seconds);
        if (missed > falseAlarms + 1)
            return told + " Mostly you missed it where it was there: look for the moment that decides.";
        if (falseAlarms > missed + 1)
            return told + " Mostly you saw it where it was not: wait for the picture that decides before you press.";
        return told;
    }
}
