package io.isokinet.core.belief;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/**
 * Makes a school's own scales from its records: those under which the looks were most to be expected (the evidence, by Laplace's
 * approximation), drawn towards the old ones, each as a log-normal prior.
 */
public final class Fitting {
    private static final double STEP = 1.4;
    private static final double FINEST = 1.15;
    /** Spread of a scale's logarithm around the old one; eyes differ most. */
    private static final double SPREAD = 0.6;

    private static final double SPREAD_OF_EYES = 1.0;

    /** Wider than that says no more than that it is always or never; where looks part cleanly, the approximation would run away. */
    private static final double WIDEST = 2.5;

    private static final double WIDEST_CELL = 2.6;
    private static final double POOREST_EYE = 3.5;

    private static final double SMALLEST_GAIN = 0.05;
    private static final int ROUNDS = 8;

    private static final List<Scale> SCALES = List.of(
            new Scale(Priors::child, Priors::withChild, SPREAD, WIDEST),
            new Scale(Priors::cue, Priors::withCue, SPREAD, WIDEST),
            new Scale(Priors::cell, Priors::withCell, SPREAD, WIDEST_CELL),
            new Scale(Priors::eye, Priors::withEye, SPREAD_OF_EYES, POOREST_EYE),
            new Scale(Priors::drift, Priors::withDrift, SPREAD, WIDEST),
            new Scale(Priors::childSkill, Priors::withChildSkill, SPREAD, WIDEST));

    private Fitting() {}

    private record Scale(
            ToDoubleFunction<Priors> value, BiFunction<Priors, Double, Priors> with, double spread, double most) {}

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
                    double to = scale.value().applyAsDouble(now) * factor;
                    if (to > scale.most()) continue;
                    Priors tried = scale.with().apply(now, to);
                    double worth = worth(classes, tried, old);
                    if (worth > best + SMALLEST_GAIN) {
                        now = tried;
                        best = worth;
                        better = true;
                        break;
                    }
                }
            if (!better && step <= FINEST) break;
            if (!better) step = Math.sqrt(step);
        }
        return now;
    }

    private static double worth(List<ClassLooks> classes, Priors tried, Priors old) {
        double sum = 0;
        for (Scale s : SCALES) {
            double off = Math.log(s.value().applyAsDouble(tried) / s.value().applyAsDouble(old)) / s.spread();
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
