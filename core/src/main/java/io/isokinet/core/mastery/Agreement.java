package io.isokinet.core.mastery;

import io.isokinet.core.quantity.Words;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How far two people who watched the same children agree on a cue.
 *
 * @param both times both saw it shown @param firstOnly and {@code secondOnly} only one did @param neither none did
 */
public record Agreement(int both, int firstOnly, int secondOnly, int neither) {
    /** Fewer looks of both say nothing. */
    public static final int FEWEST = 5;

    private static final double Z = 1.959964;
    private static final double GOOD = 0.6;
    private static final double GOOD_SHARE = 0.8;

    public Agreement {
        if (both < 0 || firstOnly < 0 || secondOnly < 0 || neither < 0)
            throw new IllegalArgumentException("Counts are zero or more; %d, %d, %d and %d were given."
                    .formatted(both, firstOnly, secondOnly, neither));
    }

    /** Both together. */
    public Agreement and(Agreement other) {
        return new Agreement(
                both + other.both, firstOnly + other.firstOnly, secondOnly + other.secondOnly, neither + other.neither);
    }

    public int pairs() {
        return both + firstOnly + secondOnly + neither;
    }

    /** The share of looks on which they agree; empty without any. */
    public OptionalDouble share() {
        return pairs() == 0 ? OptionalDouble.empty() : OptionalDouble.of((both + neither) / (double) pairs());
    }

    /**
     * Cohen's kappa: the agreement beyond what chance gives. Cohen, Educ. Psychol. Meas. 20 (1960).
     *
     * @return at most 1; empty without looks, and where both always said the same one thing, so that chance alone agrees
     */
    public OptionalDouble kappa() {
        if (pairs() == 0) return OptionalDouble.empty();
        double n = pairs();
        double first = (both + firstOnly) / n;
        double second = (both + secondOnly) / n;
        double byChance = first * second + (1 - first) * (1 - second);
        return byChance >= 1
                ? OptionalDouble.empty()
                : OptionalDouble.of((share().orElseThrow() - byChance) / (1 - byChance));
    }

    /**
     * The bounds within which kappa lies 95 times in a hundred, by the error that Cohen (1960) gives: the root of p (1 - p) / n over (1 - e).
     *
     * @return the lower and the upper one; empty where kappa is
     */
    public Optional<Within> kappaWithin() {
        if (kappa().isEmpty()) return Optional.empty();
        double n = pairs();
        double p = share().orElseThrow();
        double k = kappa().getAsDouble();
        double left = k == 1 ? 1 : (1 - p) / (1 - k);
        double half = Z * Math.sqrt(p * (1 - p) / n) / left;
        return Optional.of(new Within(Math.max(-1, k - half), Math.min(1, k + half)));
    }

    /** Bounds of a measure. */
    public record Within(double low, double high) {}

    /** The usual words for kappa: Landis and Koch, Biometrics 33 (1977), from memory. */
    public String band() {
        if (kappa().isEmpty()) return "cannot be told from chance";
        double k = kappa().getAsDouble();
        return k < 0
                ? "poor"
                : k <= 0.2
                        ? "slight"
                        : k <= 0.4 ? "fair" : k <= 0.6 ? "moderate" : k <= 0.8 ? "substantial" : "almost perfect";
    }

    /** Whether the two should talk about what they look for. */
    public boolean talkAboutIt() {
        return pairs() >= FEWEST
                && (kappa().isPresent() ? kappa().getAsDouble() < GOOD : share().orElseThrow() < GOOD_SHARE);
    }

    /** In a sentence with its numbers. */
    public String sentence() {
        if (pairs() < FEWEST)
            return "Seen by both %s; %d are needed.".formatted(pairs() == 1 ? "once" : pairs() + " times", FEWEST);
        String told = "They agree on %d of %d looks (%d %%)"
                .formatted(both + neither, pairs(), Math.round(100 * share().orElseThrow()));
        return kappa().isPresent()
                ? Words.say("%s; beyond chance: %.2f, %s.", told, kappa().getAsDouble(), band())
                : told + "; all were the same, so nothing can be told from chance.";
    }
}
