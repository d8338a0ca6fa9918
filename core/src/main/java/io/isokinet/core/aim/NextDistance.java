package io.isokinet.core.aim;

import io.isokinet.core.quantity.Words;

/** What to change after a set: nearer where it was lost, back where it was too easy; and the ball first where two went aside. */
public final class NextDistance {
    private NextDistance() {}

    /** @param hits of {@code tries}, at least one @param left and {@code right}, misses by side @param band how often a try is to hit */
    public static String after(int hits, int tries, int left, int right, Band band) {
        double share = hits / (double) tries;
        String step = band.holds(share) ? "stays" : band.isAbove(share) ? "a step nearer" : "a step back";
        return Words.say("%d of %d: %s", hits, tries, step)
                + MissHint.ofSet(left, right).map(h -> ". " + h).orElse("");
    }
}
