package io.isokinet.core.aim;

import io.isokinet.core.quantity.Words;
import java.util.Optional;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/** What misses to one side say. Two of them hint; only many together are a finding, by an exact sign test. */
public final class MissHint {
    /** A finding comes by luck at most this often. */
    private static final double BY_LUCK = 0.05;

    private MissHint() {}

    /** Two misses of a set of five to the same side: look at the ball first, then at the stance. */
    public static Optional<String> ofSet(int left, int right) {
        if (left < 2 && right < 2) return Optional.empty();
        return Optional.of(
                "Twice to the %s. A hint only, it often happens by luck: is the ball round? Then look at the stance."
                        .formatted(left >= 2 ? "left" : "right"));
    }

    /**
     * Whether all misses together lean to a side: two-sided, under even chances.
     *
     * @return the finding with its numbers; empty where luck could be all of it
     */
    public static Optional<String> finding(int left, int right) {
        double luck = chance(left, right);
        if (luck > BY_LUCK) return Optional.empty();
        boolean mostlyLeft = left > right;
        return Optional.of(Words.say(
                "%d of %d misses went %s: by luck in %.0f of 100 such counts. Look at the stance and where the hips point.",
                mostlyLeft ? left : right, left + right, mostlyLeft ? "left" : "right", Math.max(1, 100 * luck)));
    }

    /** How often even chances give a count as one-sided as this, 0 to 1. */
    public static double chance(int left, int right) {
        if (left + right == 0) return 1;
        return Math.min(1, 2 * BinomialDistribution.of(left + right, 0.5).cumulativeProbability(Math.min(left, right)));
    }
}
