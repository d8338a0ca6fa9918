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

    private static final int PAIRS = 20;
    private static final double POOREST = 0.4;

    /**
     * Of two who watched the same and agreed so often: both are taken to err alike, and to agree where neither erred or both did; twenty pairs
     * of usual eyes are added, so that a few say little.
     *
     * @param agreed of {@code pairs}
     */
    public static Eye ofTwo(int agreed, int pairs) {
        if (agreed < 0 || agreed > pairs)
            throw new IllegalArgumentException(
                    "Two agree on no more than they both saw: %d of %d were given.".formatted(agreed, pairs));
        double usual = 1 - 2 * USUAL.missed() * (1 - USUAL.missed());
        double share = (agreed + PAIRS * usual) / (pairs + PAIRS);
        double errs = (1 - Math.sqrt(Math.max(0, 2 * share - 1))) / 2;
        return new Eye(Math.min(POOREST, errs), Math.min(POOREST, errs));
    }

    private static final int TRAINED = 10;

    /**
     * What rounds with a known truth say beside what is known: that counts as much as ten looks of either kind.
     *
     * @param falseShown times that it said shown, of {@code notThere} where it was not
     * @param missed times that it said not yet, of {@code there} where it was
     */
    public Eye with(int falseShown, int notThere, int missed, int there) {
        if (falseShown < 0 || falseShown > notThere || missed < 0 || missed > there)
            throw new IllegalArgumentException("An eye errs no oftener than it looks: %d of %d and %d of %d were given."
                    .formatted(falseShown, notThere, missed, there));
        return new Eye(
                Math.min(POOREST, (this.falseShown * TRAINED + falseShown) / (TRAINED + notThere)),
                Math.min(POOREST, (this.missed * TRAINED + missed) / (TRAINED + there)));
    }

    /** The chance that it says shown of what is shown with this chance. */
    public double says(double shown) {
        return falseShown + (1 - falseShown - missed) * shown;
    }
}
