package io.isokinet.core.mastery;

import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * How often a cue is shown, as far as so many looks tell: the beta distribution with Jeffreys' prior, Beta(shown + 1/2, not yet +
 * 1/2). Brown, Cai and DasGupta, Statistical Science 16 (2001), from memory.
 *
 * @param shown of {@code looks}
 */
public record ShownRate(int shown, int looks) {
    /** A cue counts as there where it is shown in so many of all tries: four in five. */
    public static final double THERE = 0.8;

    public ShownRate {
        if (shown < 0 || shown > looks)
            throw new IllegalArgumentException(
                    "Shown (%d) lies between 0 and the number of looks (%d).".formatted(shown, looks));
    }

    private BetaDistribution rate() {
        return BetaDistribution.of(shown + 0.5, looks - shown + 0.5);
    }

    /**
     * The chance that the true rate is at least {@code rate}.
     *
     * @param rate 0 to 1
     */
    public double chanceOfAtLeast(double rate) {
        return rate().survivalProbability(rate);
    }

    /**
     * The lower end of the interval that holds the rate with this chance; 0 if it was never shown.
     *
     * @param level 0 to 1
     */
    public double least(double level) {
        return shown == 0 ? 0 : rate().inverseCumulativeProbability((1 - level) / 2);
    }

    /** The upper end of the interval; 1 if it was shown each time. */
    public double most(double level) {
        return shown == looks ? 1 : rate().inverseCumulativeProbability((1 + level) / 2);
    }
}
