package io.isokinet.core.belief;

/**
 * What is taken for granted before a school has records of its own, all in logits. Common practice, no source: a cue that was just
 * taught is shown by four in ten; children differ about as much as cues do, and each child in each cue as much again; five lessons of
 * practice bring somewhat more than one logit, the first of them most; what is not practised for more than three weeks fades slowly.
 *
 * @param base mean of a cue that was just taught, {@code baseSd} its own spread over classes
 * @param child scale of what a child brings to everything
 * @param childSkill the same within a skill
 * @param cue scale of how hard cues are
 * @param cell scale of what is left between one child and one cue
 * @param drift variance that a cell gains in a week
 * @param learning gain of one unit of {@link #practice}, {@code learningSd} its spread over classes
 * @param fade loss a week after {@link #IDLE_WEEKS} without practice
 * @param eye factor on the errors of the observers, 1 as they are given
 * @param widened factor on the spread of what is believed of a cell, 1 as it comes out; more where it was off
 * @param curve how the gain of practice bends: 0 by the log of the lessons, 1 by their number, between by a power of them
 */
public record Priors(
        double base,
        double baseSd,
        double child,
        double childSkill,
        double cue,
        double cell,
        double drift,
        double learning,
        double learningSd,
        double fade,
        double eye,
        double widened,
        double curve) {
    /** Before any record. */
    public static final Priors USUAL = new Priors(-0.3, 1.0, 0.8, 0.4, 0.8, 0.8, 0.05, 0.7, 0.6, 0.04, 1.0, 1.0, 0.6);

    /** So long without practice nothing fades. */
    public static final double IDLE_WEEKS = 3;

    /** Five lessons are worth the same by any curve. */
    private static final double FIVE = Math.log1p(5);

    /**
     * What so many lessons of practice are worth, before {@link #learning} says how much that is: log(1 + n), bent as by Box and Cox (J. R. Stat. Soc. B
     * 26 (1964), from memory) and scaled so that five lessons are worth what their logarithm is.
     *
     * @param lessons zero or more, parts of one too
     */
    double practice(double lessons) {
        if (Math.abs(curve) < 1e-6) return Math.log1p(lessons);
        return FIVE * Math.expm1(curve * Math.log1p(lessons)) / Math.expm1(curve * FIVE);
    }

    Priors withBase(double v) {
        return new Priors(
                v, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withLearning(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, cell, drift, v, learningSd, fade, eye, widened, curve);
    }

    Priors withCurve(double v) {
        return new Priors(
                base, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, eye, widened, v);
    }

    Priors withChild(double v) {
        return new Priors(
                base, baseSd, v, childSkill, cue, cell, drift, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withChildSkill(double v) {
        return new Priors(base, baseSd, child, v, cue, cell, drift, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withCue(double v) {
        return new Priors(
                base, baseSd, child, childSkill, v, cell, drift, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withCell(double v) {
        return new Priors(
                base, baseSd, child, childSkill, cue, v, drift, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withDrift(double v) {
        return new Priors(
                base, baseSd, child, childSkill, cue, cell, v, learning, learningSd, fade, eye, widened, curve);
    }

    Priors withEye(double v) {
        return new Priors(
                base, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, v, widened, curve);
    }

    /** The same, where what was believed turned out so much too sure. */
    public Priors withWidened(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, eye, v, curve);
    }
}
