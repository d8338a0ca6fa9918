package io.isokinet.core.eye;

/** How hard a round is. It rises with how much of the time there is in a hall and how far one stands off the best place. */
public enum Level {
    /** Slowly, twice, from the best place, whole faults. */
    FIRST(1.5, 2, 0, 1, false),
    /** As fast as children are. */
    SECOND(1, 2, 0, 1, false),
    /** Once, and the child does something else wrong now and then. */
    THIRD(1, 1, 0, 1, true),
    /** From a little beside the best place, faults that are nearly right. */
    FOURTH(1, 1, 30, 0.75, true),
    /** Quick children from well beside the best place. */
    FIFTH(0.85, 1, 55, 0.6, true);

    /** So many right of twelve are enough for something harder, and fewer than so many call for something easier: common practice, no source. */
    private static final double ENOUGH = 10 / 12.0;

    private static final double FEW = 8 / 12.0;

    private final double slower;
    private final int times;
    private final int beside;
    private final double whole;
    private final boolean distracts;

    Level(double slower, int times, int beside, double whole, boolean distracts) {
        this.slower = slower;
        this.times = times;
        this.beside = beside;
        this.whole = whole;
        this.distracts = distracts;
    }

    /** How many times as long it takes. */
    double slower() {
        return slower;
    }

    /** How often the child does it. */
    int times() {
        return times;
    }

    /** Degrees off the best place at most. */
    int beside() {
        return beside;
    }

    /** How much of a fault there is at least, from 0 to 1. */
    double whole() {
        return whole;
    }

    /** Whether another cue may be missing that nobody asks for. */
    boolean distracts() {
        return distracts;
    }

    /** What to go on with after a round of this level: harder, easier or the same. */
    public Level after(Verdict round) {
        if (round.looks() == 0) return this;
        double right = (double) round.right().of() / round.looks();
        int step = right >= ENOUGH ? 1 : right < FEW ? -1 : 0;
        return values()[Math.max(0, Math.min(values().length - 1, ordinal() + step))];
    }
}
