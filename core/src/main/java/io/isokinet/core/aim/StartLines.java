package io.isokinet.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Three lines to start from that fit a class best, and who stands at which.
 *
 * @param metres of each line from the target, from near to far
 * @param lineOf index of the line of each child, in the order in which they were given
 * @param inBand how many children hit between six and eight tries in ten from their line
 */
public record StartLines(List<Double> metres, List<Integer> lineOf, int inBand, String reason) {
    /** Where a task is neither lost nor too easy: six to eight tries in ten. Common practice. */
    public static final double BAND_FROM = 0.6;

    public static final double BAND_TO = 0.8;
    /** What a distance to try next aims at. */
    public static final double MIDDLE = 0.7;

    private static final double APART = 0.5;
    private static final int LINES = 3;

    public StartLines {
        metres = List.copyOf(metres);
        lineOf = List.copyOf(lineOf);
    }

    /**
     * @param spreads of the children, in radians @param width effective, in metres
     * @param nearest and {@code farthest} lines that the floor has, in metres; lines stand on half metres
     */
    public static StartLines of(List<Double> spreads, double width, double nearest, double farthest) {
        List<Double> offered = new ArrayList<>();
        for (double d = Math.ceil(nearest / APART) * APART; d <= farthest + 1e-9; d += APART) offered.add(d);
        if (offered.size() < LINES || spreads.isEmpty())
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "Between %.1f and %.1f m there are %d half metres for %d children; three lines and a child are needed.",
                    nearest,
                    farthest,
                    offered.size(),
                    spreads.size()));
        double[][] hits = new double[spreads.size()][offered.size()];
        for (int c = 0; c < spreads.size(); c++)
            for (int d = 0; d < offered.size(); d++)
                hits[c][d] = HitChance.across(width, offered.get(d), spreads.get(c));
        int[] best = {0, 1, 2};
        double bestWorth = Double.NEGATIVE_INFINITY;
        for (int a = 0; a < offered.size(); a++)
            for (int b = a + 1; b < offered.size(); b++)
                for (int c = b + 1; c < offered.size(); c++) {
                    int[] lines = {a, b, c};
                    double worth = worth(hits, lines);
                    if (worth > bestWorth + 1e-12) {
                        bestWorth = worth;
                        best = lines;
                    }
                }
        int[] chosen = best;
        List<Integer> lineOf = new ArrayList<>();
        int inside = 0;
        for (double[] of : hits) {
            int line = nearestToMiddle(of, chosen);
            lineOf.add(line);
            if (isInBand(of[chosen[line]])) inside++;
        }
        List<Double> metres = List.of(offered.get(best[0]), offered.get(best[1]), offered.get(best[2]));
        return new StartLines(
                metres,
                lineOf,
                inside,
                String.format(
                        Locale.ROOT,
                        "From %.1f, %.1f and %.1f m %d of %d children hit between six and eight tries in ten.",
                        metres.get(0),
                        metres.get(1),
                        metres.get(2),
                        inside,
                        spreads.size()));
    }

    /** Children inside the band count first; among equals, how near everyone comes to its middle. */
    private static double worth(double[][] hits, int[] lines) {
        double worth = 0;
        for (double[] of : hits) {
            double chance = of[lines[nearestToMiddle(of, lines)]];
            worth += (isInBand(chance) ? 1 : 0) - Math.abs(chance - MIDDLE) / hits.length;
        }
        return worth;
    }

    private static int nearestToMiddle(double[] hits, int[] lines) {
        int best = 0;
        for (int i = 1; i < lines.length; i++)
            if (Math.abs(hits[lines[i]] - MIDDLE) < Math.abs(hits[lines[best]] - MIDDLE)) best = i;
        return best;
    }

    /** Whether such a share of hits is neither lost nor too easy. */
    public static boolean isInBand(double chance) {
        return chance >= BAND_FROM && chance <= BAND_TO;
    }
}
