package io.isokinet.core.kit;

import java.util.Arrays;

/**
 * Shares out what there is among needs that compete for it: as much as possible is covered, and of all ways to cover that much
 * the one that costs least. Successive shortest paths (Ahuja, Magnanti and Orlin, Network Flows, 1993, ch. 9; memory).
 */
final class Matching {
    private Matching() {}

    /**
     * @param wanted pieces for each need
     * @param there pieces of each thing
     * @param cost of one piece of a thing for a need, zero or more; infinite if it does not do the job
     * @return pieces of each thing for each need
     */
    static int[][] of(int[] wanted, int[] there, double[][] cost) {
        int needs = wanted.length;
        int things = there.length;
        int[][] given = new int[needs][things];
        int[] open = wanted.clone();
        int[] left = there.clone();
        while (true) {
            double[] toThing = new double[things];
            int[] fromNeed = new int[things];
            double[] toNeed = new double[needs];
            int[] fromThing = new int[needs];
            Arrays.fill(toThing, Double.POSITIVE_INFINITY);
            Arrays.fill(toNeed, Double.POSITIVE_INFINITY);
            Arrays.fill(fromThing, -1);
            for (int n = 0; n < needs; n++) if (open[n] > 0) toNeed[n] = 0;
            // Bellman and Ford: a need takes a thing, or lets go of one that another need takes.
            for (boolean shorter = true; shorter; ) {
                shorter = false;
                for (int n = 0; n < needs; n++)
                    for (int t = 0; t < things; t++) {
                        if (toNeed[n] + cost[n][t] < toThing[t] - 1e-9) {
                            toThing[t] = toNeed[n] + cost[n][t];
                            fromNeed[t] = n;
                            shorter = true;
                        }
                        if (given[n][t] > 0 && toThing[t] - cost[n][t] < toNeed[n] - 1e-9) {
                            toNeed[n] = toThing[t] - cost[n][t];
                            fromThing[n] = t;
                            shorter = true;
                        }
                    }
            }
            int best = -1;
            for (int t = 0; t < things; t++)
                if (left[t] > 0 && toThing[t] < Double.POSITIVE_INFINITY && (best < 0 || toThing[t] < toThing[best]))
                    best = t;
            if (best < 0) return given;
            int many = left[best];
            for (int t = best; ; ) {
                int n = fromNeed[t];
                if (fromThing[n] < 0) {
                    many = Math.min(many, open[n]);
                    break;
                }
                many = Math.min(many, given[n][fromThing[n]]);
                t = fromThing[n];
            }
            left[best] -= many;
            for (int t = best; ; ) {
                int n = fromNeed[t];
                given[n][t] += many;
                if (fromThing[n] < 0) {
                    open[n] -= many;
                    break;
                }
                given[n][fromThing[n]] -= many;
                t = fromThing[n];
            }
        }
    }
}
