package io.isokinet.core.lesson;

import java.util.Collections;
import java.util.List;

/**
 * How long something takes this teacher: the median of own times, drawn to what is usual by n / (n + 5), so that one odd lesson changes
 * little and many decide. In nine of ten cases it is expected between {@code low} and {@code high}.
 *
 * @param seen own times that are behind it
 */
public record Habit(double usual, double middle, double low, double high, int seen) {
    private static final double HALF_TRUSTED = 5;
    /** How far from the usual it may be before anything is known: common practice. */
    private static final double AROUND = 0.15;

    private static final double TENTH = 0.1;

    /** @param usual more than zero, in any unit @param own in the same unit */
    public static Habit of(double usual, List<Double> own) {
        if (!(usual > 0))
            throw new IllegalArgumentException("What is usual must be more than zero; %s was given.".formatted(usual));
        List<Double> sorted = own.stream().sorted().toList();
        if (sorted.isEmpty()) return new Habit(usual, usual, usual * (1 - AROUND), usual * (1 + AROUND), 0);
        double trust = sorted.size() / (sorted.size() + HALF_TRUSTED);
        double middle = mix(trust, quantile(sorted, 0.5), usual);
        return new Habit(
                usual,
                middle,
                Math.min(middle, mix(trust, quantile(sorted, TENTH), usual * (1 - AROUND))),
                Math.max(middle, mix(trust, quantile(sorted, 1 - TENTH), usual * (1 + AROUND))),
                sorted.size());
    }

    private static double mix(double trust, double own, double usual) {
        return trust * own + (1 - trust) * usual;
    }

    /** Between the two nearest in order. */
    private static double quantile(List<Double> sorted, double share) {
        double at = share * (sorted.size() - 1);
        int below = (int) Math.floor(at);
        double rest = at - below;
        return sorted.get(below) + rest * (sorted.get(Math.min(below + 1, sorted.size() - 1)) - sorted.get(below));
    }

    /** The usual of something that is not learnt yet. */
    public static Habit usual(double usual) {
        return of(usual, Collections.emptyList());
    }
}
