package io.isokinet.core.belief;

/**
 * How often an observer errs.
 *
 * @param falseShown chance to say shown where it was not, below a half
 * @param missed chance to say not yet where it was shown, below a half
 */
public record Eye(double falseShown, double missed) {
    /** Errors of either kind one time in sixteen: common practice, until the observer's own are known. */
    public static final Eye USUAL = new Eye(0.08, 0.08);

    public Eye {
        if (!(falseShown >= 0 && falseShown < 0.5 && missed >= 0 && missed < 0.5))
            throw new IllegalArgumentException(
                    "An eye errs less than half of the time, or it tells nothing: %s and %s were given."
                            .formatted(falseShown, missed));
    }

    /** The chance that it says shown of what is shown with this chance. */
    public double says(double shown) {
        return falseShown + (1 - falseShown - missed) * shown;
    }
}
