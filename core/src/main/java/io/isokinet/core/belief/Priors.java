package io.isokinet.core.belief;

/**
 * What is taken for granted before a school has records of its own, all in logits. Common practice, no source: a cue that was just
 * taught is shown by four in ten; children differ about as much as cues do, and each child in each cue about as much again; five
 * lessons of practice bring about one logit; what is not practised for more than three weeks fades slowly.
 *
 * @param base mean of a cue that was just taught, {@code baseSd} its own spread over classes
 * @param child scale of what a child brings to everything
 * @param childSkill the same within a skill
 * @param cue scale of how hard cues are
 * @param cell scale of what is left between one child and one cue
 * @param drift variance that a cell gains in a week
 * @param learning gain of one unit of log(1 + lessons), {@code learningSd} its spread over classes
 * @param fade loss a week after {@link #IDLE_WEEKS} without practice
 * @param eye factor on the errors of the observers, 1 as they are given
 * @param widened factor on the spread of what the rest of the class says of a cell, 1 as it comes out; more where it was off
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
        double widened) {
    /** Before any record. */
    public static final Priors USUAL = new Priors(-0.3, 1.0, 0.8, 0.4, 0.8, 0.65, 0.05, 0.7, 0.6, 0.04, 1.0, 1.0);

    /** So long without practice nothing fades. */
    public static final double IDLE_WEEKS = 3;

    /** Chance a week that a child wins or loses a cue at once, whatever it showed before: common practice, no source. */
    static final double AT_ONCE = 0.04;

    Priors withChild(double v) {
        return new Priors(base, baseSd, v, childSkill, cue, cell, drift, learning, learningSd, fade, eye, widened);
    }

    Priors withChildSkill(double v) {
        return new Priors(base, baseSd, child, v, cue, cell, drift, learning, learningSd, fade, eye, widened);
    }

    Priors withCue(double v) {
        return new Priors(base, baseSd, child, childSkill, v, cell, drift, learning, learningSd, fade, eye, widened);
    }

    Priors withCell(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, v, drift, learning, learningSd, fade, eye, widened);
    }

    Priors withDrift(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, cell, v, learning, learningSd, fade, eye, widened);
    }

    Priors withEye(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, v, widened);
    }

    /** The same, where what was believed turned out so much too sure. */
    public Priors withWidened(double v) {
        return new Priors(base, baseSd, child, childSkill, cue, cell, drift, learning, learningSd, fade, eye, v);
    }
}
