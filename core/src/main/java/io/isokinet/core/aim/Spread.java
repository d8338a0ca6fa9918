package io.isokinet.core.aim;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How far somebody's tries spread, from hits at any mix of distances and widths. The sideways error is an angle, normal about a
 * lean; a try hits where it stays within half the target. The likeliest spread is sought on a grid, with the usual spread of the
 * age as its prior: a bell curve over its logarithm, as wide as children of one age differ.
 *
 * @param radians the spread, more than zero
 * @param from and {@code to} hold it with a chance of 90 %
 * @param lean where the middle of the tries lies, in radians, positive to the right; empty where the sides of misses were not
 *     counted
 * @param tries it is told from; 0 where it is the age's default
 */
public record Spread(double radians, double from, double to, OptionalDouble lean, int tries, String reason) {
    /** Fewer tries than this say nothing about a child. */
    public static final int FEWEST = 5;

    /** Standard deviation of the logarithm of the spread among children of one age. Common practice. */
    private static final double DIFFER = 0.35;
    /** A lean is seldom more than half the usual spread. Common practice. */
    private static final double LEANS = 0.5;

    private static final double LEAST = Math.log(0.008);
    private static final double MOST = Math.log(0.6);
    private static final int STEPS = 300;
    private static final int LEAN_STEPS = 60;
    private static final double FARTHEST_LEAN = 0.2;
    private static final double TAIL = 0.05;
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    /** The spread of a child of an age. Too few tries say so and leave the age's default. */
    public static Spread of(List<Tries> sets, Age age) {
        int tries = sets.stream().mapToInt(Tries::all).sum();
        double usual = HitChance.usualSpread(age);
        if (tries < FEWEST)
            return new Spread(
                    usual,
                    usual * Math.exp(-1.645 * DIFFER),
                    usual * Math.exp(1.645 * DIFFER),
                    OptionalDouble.empty(),
                    0,
                    Words.say(
                            "%s: too few to tell, so the usual %.2f rad at %d years stands in.",
                            tries == 1 ? "1 try" : tries + " tries", usual, age.years()));
        return likeliest(sets, usual);
    }

    /**
     * The spread that fits best with no prior at all.
     *
     * @param sets with at least one hit and one miss between them
     */
    public static Spread of(List<Tries> sets) {
        int hits = sets.stream().mapToInt(Tries::hits).sum();
        int tries = sets.stream().mapToInt(Tries::all).sum();
        if (hits == 0 || hits == tries)
            throw new IllegalArgumentException(
                    "%d hits in %d tries fit any spread; give an age, or count until there are both."
                            .formatted(hits, tries));
        return likeliest(sets, 0);
    }

    /** @param usual the prior's middle; 0 for none */
    private static Spread likeliest(List<Tries> sets, double usual) {
        boolean sides = sets.stream().anyMatch(t -> t.left() + t.right() > 0);
        int leans = sides ? LEAN_STEPS : 0;
        double[] bySpread = new double[STEPS + 1];
        double best = Double.NEGATIVE_INFINITY;
        double[] at = {0, 0};
        double top = Double.NEGATIVE_INFINITY;
        double[][] logs = new double[STEPS + 1][2 * leans + 1];
        for (int i = 0; i <= STEPS; i++)
            for (int j = -leans; j <= leans; j++) {
                double spread = Math.exp(LEAST + (MOST - LEAST) * i / STEPS);
                double lean = leans == 0 ? 0 : FARTHEST_LEAN * j / leans;
                double log = logOf(sets, spread, lean) + prior(spread, lean, usual);
                logs[i][j + leans] = log;
                top = Math.max(top, log);
                if (log > best) {
                    best = log;
                    at = new double[] {spread, lean};
                }
            }
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            for (double log : logs[i]) bySpread[i] += Math.exp(log - top);
            sum += bySpread[i];
        }
        double peak = leans == 0 ? refined(sets, at[0], usual) : at[0];
        int tries = sets.stream().mapToInt(Tries::all).sum();
        int hits = sets.stream().mapToInt(Tries::hits).sum();
        double from = quantile(bySpread, sum, TAIL);
        double to = quantile(bySpread, sum, 1 - TAIL);
        return new Spread(
                peak,
                from,
                to,
                sides ? OptionalDouble.of(at[1]) : OptionalDouble.empty(),
                tries,
                Words.say(
                        "%d hits in %d tries: a spread of %.3f rad, between %.3f and %.3f%s.",
                        hits,
                        tries,
                        peak,
                        from,
                        to,
                        sides ? leanWords(at[1]) : "; sides of misses were not counted, so a lean cannot be known"));
    }

    private static String leanWords(double lean) {
        return Math.abs(lean) < 0.01
                ? ", straight"
                : Words.say(", leaning %.2f rad to the %s", Math.abs(lean), lean < 0 ? "left" : "right");
    }

    private static double logOf(List<Tries> sets, double spread, double lean) {
        double log = 0;
        for (Tries t : sets) {
            double left = NORMAL.cumulativeProbability((-t.half() - lean) / spread);
            double right = NORMAL.survivalProbability((t.half() - lean) / spread);
            log += times(t.hits(), 1 - left - right)
                    + times(t.left(), left)
                    + times(t.right(), right)
                    + times(t.missed(), left + right);
        }
        return log;
    }

    private static double times(int many, double chance) {
        return many == 0 ? 0 : many * Math.log(Math.max(1e-12, chance));
    }

    private static double prior(double spread, double lean, double usual) {
        if (usual == 0) return 0;
        double off = Math.log(spread / usual) / DIFFER;
        double leans = lean / (LEANS * usual);
        return -(off * off + leans * leans) / 2;
    }

    /** The peak between two steps of the grid, by thirds. */
    private static double refined(List<Tries> sets, double about, double usual) {
        double step = (MOST - LEAST) / STEPS;
        double low = Math.log(about) - step;
        double high = Math.log(about) + step;
        for (int i = 0; i < 60; i++) {
            double a = low + (high - low) / 3;
            double b = high - (high - low) / 3;
            double atA = logOf(sets, Math.exp(a), 0) + prior(Math.exp(a), 0, usual);
            double atB = logOf(sets, Math.exp(b), 0) + prior(Math.exp(b), 0, usual);
            if (atA < atB) low = a;
            else high = b;
        }
        return Math.exp((low + high) / 2);
    }

    private static double quantile(double[] weights, double sum, double share) {
        double so = 0;
        for (int i = 0; i < weights.length; i++) {
            so += weights[i];
            if (so >= share * sum) return Math.exp(LEAST + (MOST - LEAST) * i / STEPS);
        }
        return Math.exp(MOST);
    }

    /** The distance from which a share of tries hits a target, straight: with the spread, and with the ends of its interval. */
    public Challenge challenge(double width, double share) {
        return new Challenge(
                HitChance.distanceFor(share, width, radians),
                HitChance.distanceFor(share, width, to),
                HitChance.distanceFor(share, width, from));
    }

    /**
     * A distance in metres.
     *
     * @param near and {@code far} are as near and as far as it may be
     */
    public record Challenge(double metres, double near, double far) {}
}
