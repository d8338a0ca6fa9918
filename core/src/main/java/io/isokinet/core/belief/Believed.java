package io.isokinet.core.belief;

import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What is believed of one child and one cue, as it would show in plain practice today.
 *
 * @param mean and {@code sd} of the logit of the chance to show it
 * @param there chance that it is shown in four of five tries or more
 * @param shown chance that the next try shows it
 * @param looks of its own
 * @param own share of what is known that comes from its own looks, 0 to 1
 */
public record Believed(double mean, double sd, double there, double shown, int looks, double own) {
    /** Logit of four in five, from which on a cue counts as there. */
    static final double THERE = Math.log(4);
    /** From so sure on it counts as decided, one way or the other. */
    public static final double SURE = 0.85;

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    private static final double SURE_Z = NORMAL.inverseCumulativeProbability(SURE);

    /** One whose logit is normal. */
    static Believed normal(double mean, double sd, int looks, double own) {
        double shown = 1 / (1 + Math.exp(-mean / Math.sqrt(1 + Math.PI * sd * sd / 8)));
        return new Believed(mean, sd, there(mean, sd * sd), shown, looks, own);
    }

    private static double there(double mean, double variance) {
        return NORMAL.cumulativeProbability((mean - THERE) / Math.sqrt(Math.max(1e-6, variance)));
    }

    /** What one more look in plain practice is expected to tell, as a precision of the logit. */
    static double information(double mean, double variance) {
        double wide = Math.sqrt(3 * variance);
        return 2.0 / 3 * informationAt(mean) + (informationAt(mean - wide) + informationAt(mean + wide)) / 6;
    }

    private static double informationAt(double logit) {
        double p = 1 / (1 + Math.exp(-logit));
        double says = Eye.USUAL.says(p);
        double slope = (Eye.USUAL.says(1) - Eye.USUAL.says(0)) * p * (1 - p);
        return slope * slope / (says * (1 - says));
    }

    /** How open it is: 0 where it is certain, 1/4 where it is even. */
    double doubt() {
        return there * (1 - there);
    }

    /** The doubt to expect once so much of the variance is taken away. */
    static double doubtAfter(double mean, double variance, double taken) {
        double left = variance - taken;
        double step = Math.sqrt(3 * taken);
        double sum = 2.0 / 3 * doubt(mean, left);
        return sum + (doubt(mean - step, left) + doubt(mean + step, left)) / 6;
    }

    private static double doubt(double mean, double variance) {
        double there = there(mean, variance);
        return there * (1 - there);
    }

    /** The chance that it is decided once so much of its variance is taken away. */
    double decidedAfter(double taken) {
        if (taken <= 0) return decided() ? 1 : 0;
        double sure = SURE_Z * Math.sqrt(Math.max(1e-6, sd * sd - taken));
        double spread = Math.sqrt(taken);
        return 1
                - NORMAL.cumulativeProbability((THERE + sure - mean) / spread)
                + NORMAL.cumulativeProbability((THERE - sure - mean) / spread);
    }

    /**
     * The chance that so many more looks decide it.
     *
     * @param looks zero or more
     */
    public double decidedAfter(int looks) {
        double precision = looks * information(mean, sd * sd);
        return decidedAfter(sd * sd - 1 / (1 / (sd * sd) + precision));
    }

    private static final int POINTS = 41;
    private static final double FAR = 3;

    /**
     * The chance that a check of so many tries, seen by a usual eye, shows it so often.
     *
     * @param enough at most {@code of}
     * @throws IllegalArgumentException if more is asked for than is tried
     */
    public double passes(int enough, int of) {
        if (enough < 0 || enough > of)
            throw new IllegalArgumentException(
                    "A check asks for no more than it tries: %d of %d were given.".formatted(enough, of));
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < POINTS; i++) {
            double z = FAR * (2.0 * i / (POINTS - 1) - 1);
            double weight = Math.exp(-z * z / 2);
            double says = Eye.USUAL.says(1 / (1 + Math.exp(-(mean + sd * z))));
            sum += weight * BinomialDistribution.of(of, says).survivalProbability(enough - 1);
            weights += weight;
        }
        return sum / weights;
    }

    /** Whether more looks would hardly change what is done about it; never without one of its own. */
    public boolean decided() {
        return looks > 0 && (there >= SURE || there <= 1 - SURE);
    }

    private static final int LIKELY = 7;
    private static final int HARDLY = 3;

    /** In a sentence, with how much of it comes from its own looks: "Likely there, 8 in 10: mostly from 3 looks here." */
    public String sentence() {
        return "%s, %s: %s.".formatted(word(), chance(), from());
    }

    /**
     * The same; where what its last looks showed points the other way, that is said.
     *
     * @param shown of its last {@code of} looks
     */
    String sentence(int shown, int of) {
        boolean against = of > 0 && (shown == of && there < 0.5 || shown == 0 && there >= 0.5);
        String though = !against
                ? ""
                : of == 1
                        ? shown == 1 ? ", though the last look showed it" : ", though the last look did not show it"
                        : ", though %s of the last %d looks showed it"
                                .formatted(shown == 0 ? "none" : Integer.toString(shown), of);
        return "%s, %s%s: %s.".formatted(word(), chance(), though, from());
    }

    private String word() {
        long tenths = Math.round(10 * there);
        return tenths >= LIKELY ? "Likely there" : tenths <= HARDLY ? "Hardly there yet" : "Open whether it is there";
    }

    private String chance() {
        long tenths = Math.round(10 * there);
        return tenths == 0 ? "less than 1 in 10" : tenths == 10 ? "more than 9 in 10" : tenths + " in 10";
    }

    private String from() {
        String rest = "what the child shows elsewhere and others show of this cue";
        if (looks == 0) return "only from " + rest + "; nobody has looked here";
        String here = looks == 1 ? "1 look here" : looks + " looks here";
        return own >= 0.5 ? "mostly from " + here : here + ", more of it from " + rest;
    }
}
