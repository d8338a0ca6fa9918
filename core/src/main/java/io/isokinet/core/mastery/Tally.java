package io.isokinet.core.mastery;

import java.util.Collection;

/**
 * How many children stand where.
 *
 * @param leftOut those for whom it does not apply or is adapted
 */
public record Tally(int leftOut, int notTaught, int notSeen, int developing, int owned) {
    public static Tally of(Collection<Standing> standings) {
        int[] counts = new int[Standing.values().length];
        for (Standing s : standings) counts[s.ordinal()]++;
        return new Tally(counts[0], counts[1], counts[2], counts[3], counts[4]);
    }

    /** Those it was taught to and counts for. */
    public int counted() {
        return notSeen + developing + owned;
    }

    /** Those who own it, in whole per cent of those it was taught to; 0 if it was taught to none. */
    public int percentOwned() {
        return counted() == 0 ? 0 : Math.round(100f * owned / counted());
    }
}
