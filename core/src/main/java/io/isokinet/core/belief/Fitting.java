package io.isokinet.core.belief;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/**
 * Makes a school's own priors from its records: those under which the looks were most to be expected (the evidence, as
 * expectation propagation has it), drawn towards the old ones: scales as log-normal, what is just taught, learning and its curve as normal.
 */
public final class Fitting {
    private static final double STEP = 3;
    private static final double FINEST = 1.15;
    /** Spread of a scale's logarithm around the old one; how much children wander differs most. */
    private static final double SPREAD = 0.6;

    private static final double SPREAD_OF_DRIFTS = 2.0;
    private static final double SPREAD_OF_EYES = 1.0;
    private static final double SPREAD_OF_BASES = 0.5;
    private static final double SPREAD_OF_LEARNING = 0.5;
    private static final double SPREAD_OF_CURVES = 0.4;

    /** Wider than that says no more than that it is always or never. */
    private static final double WIDEST = 2.5;

    private static final double WIDEST_CELL = 3;
    private static final double POOREST_EYE = 3.5;
    private static final double STEEPEST = 1.6;

    private static final double SMALLEST_GAIN = 0.05;
    private static final int ROUNDS = 16;

    private static final List<Scale> SCALES = List.of(
            new Scale(Priors::curve, Priors::withCurve, false, SPREAD_OF_CURVES, STEEPEST),
            new Scale(Priors::base, Priors::withBase, false, SPREAD_OF_BASES, WIDEST),
            new Scale(Priors::learning, Priors::withLearning, false, SPREAD_OF_LEARNING, WIDEST),
            new Scale(Priors::child, Priors::withChild, true, SPREAD, WIDEST),
            new Scale(Priors::cue, Priors::withCue, true, SPREAD, WIDEST),
            new Scale(Priors::cell, Priors::withCell, true, SPREAD, WIDEST_CELL),
            new Scale(Priors::eye, Priors::withEye, true, SPREAD_OF_EYES, POOREST_EYE),
            new Scale(Priors::drift, Priors::withDrift, true, SPREAD_OF_DRIFTS, WIDEST),
            new Scale(Priors::childSkill, Priors::withChildSkill, true, SPREAD, WIDEST));

    private Fitting() {}

    /**
     * One of the priors.
     *
     * @param byFactor whether it is stretched, or else shifted
     * @param spread how far a school's own is expected to lie from the old one
     */
    private record Scale(
            ToDoubleFunction<Priors> value,
            BiFunction<Priors, Double, Priors> with,
            boolean byFactor,
            double spread,
            double most) {
        double moved(Priors from, double factor) {
            double v = value.applyAsDouble(from);
            return byFactor ? v * factor : v + Math.log(factor);
        }

        /** In spreads. */
        double off(Priors tried, Priors old) {
            double to = value.applyAsDouble(tried);
            double from = value.applyAsDouble(old);
            return (byFactor ? Math.log(to / from) : to - from) / spread;
        }
    }

    /**
     * @param classes of a school
     * @param old common practice, or what was fitted before
     */
    public static Priors fit(List<ClassLooks> classes, Priors old) {
        Priors now = old;
        double best = worth(classes, now, old);
        double step = STEP;
        for (int round = 0; round < ROUNDS; round++) {
            boolean better = false;
            for (Scale scale : SCALES)
                for (double factor : new double[] {step, 1 / step}) {
                    Priors before = now;
                    while (true) {
                        double to = scale.moved(now, factor);
                        if (to > scale.most()) break;
                        Priors tried = scale.with().apply(now, to);
                        double worth = worth(classes, tried, old);
                        if (worth <= best + SMALLEST_GAIN) break;
                        now = tried;
                        best = worth;
                        better = true;
                    }
                    if (now != before) break;
                }
            if (!better && step <= FINEST) break;
            if (!better) step = Math.sqrt(step);
        }
        return now;
    }

    private static double worth(List<ClassLooks> classes, Priors tried, Priors old) {
        double sum = 0;
        for (Scale s : SCALES) {
            double off = s.off(tried, old);
            sum -= off * off / 2;
        }
        // Side by side, and added up in their order, so that it is the same each time.
        double[] evidence = classes.parallelStream()
                .mapToDouble(c -> ClassBelief.of(c, tried).evidence())
                .toArray();
        for (double e : evidence) sum += e;
        return sum;
    }
}
