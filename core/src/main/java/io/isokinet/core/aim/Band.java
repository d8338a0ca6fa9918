package io.isokinet.core.aim;

/**
 * The share of tries that is to succeed, so that a task is neither lost nor too easy; both ends belong to it.
 *
 * @param from and
 * @param to percent, {@value #LEAST} to {@value #MOST} and at least {@value #NARROWEST} apart
 */
public record Band(int from, int to) {
    public static final int LEAST = 30;
    public static final int MOST = 95;
    public static final int NARROWEST = 10;
    /** Six to eight tries in ten. Common practice. */
    public static final Band USUAL = new Band(60, 80);

    public Band {
        if (!isOne(from, to))
            throw new IllegalArgumentException(
                    "%d to %d %% was given; a band lies between %d and %d %% and is at least %d wide, such as 60 to 80."
                            .formatted(from, to, LEAST, MOST, NARROWEST));
    }

    /** True if such ends make a band. */
    public static boolean isOne(int from, int to) {
        return from >= LEAST && to <= MOST && to - from >= NARROWEST;
    }

    /** @param share 0 to 1 */
    public boolean holds(double share) {
        return share >= from / 100.0 && share <= to / 100.0;
    }

    /**
     * True if fewer succeed than should.
     *
     * @param share 0 to 1
     */
    public boolean isAbove(double share) {
        return share < from / 100.0;
    }

    /** What a distance to try next aims at, 0 to 1. */
    public double middle() {
        return (from + to) / 200.0;
    }

    /** "between 60 and 80 %". */
    public String words() {
        return "between %d and %d %%".formatted(from, to);
    }
}
