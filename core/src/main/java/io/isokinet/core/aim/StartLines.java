package io.isokinet.core.aim;

import io.isokinet.core.check.Bounds;
import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.List;

/**
 * Three lines to start from that fit a class best, and who stands at which.
 *
 * @param metres of each line from the target, from near to far
 * @param lineOf index of the line of each child, in the order in which they were given
 * @param inBand how many children hit as often as the band asks from their line
 */
public record StartLines(List<Double> metres, List<Integer> lineOf, int inBand, String reason) {
    private static final double APART = 0.5;
    private static final int LINES = 3;

    public StartLines {
        metres = List.copyOf(metres);
        lineOf = List.copyOf(lineOf);
    }

    /**
     * @param spreads of the children, in radians @param width effective, in metres
     * @param nearest and {@code farthest} lines that the floor has, in metres; lines stand on half metres
     * @param band how often a try is to hit
     * @throws IllegalArgumentException unless there is a child and three lines between 0 and 100 m
     */
    public static StartLines of(List<Double> spreads, double width, double nearest, double farthest, Band band) {
        if (!Bounds.isDistance(nearest) || !Bounds.isDistance(farthest))
            throw new IllegalArgumentException(Words.say(
                    "Lines stand between 0 m and %.0f m; %s to %s was given.", Bounds.MOST_METRES, nearest, farthest));
        List<Double> offered = new ArrayList<>();
        // Nobody stands in the target.
        for (double d = Math.max(APART, Math.ceil(nearest / APART) * APART); d <= farthest + 1e-9; d += APART)
            offered.add(d);
        if (offered.size() < LINES || spreads.isEmpty())
            throw new IllegalArgumentException(Words.say(
                    "Between %.1f m and %.1f m there are %d half metres for %d children; three lines and a child are needed.",
                    nearest, farthest, offered.size(), spreads.size()));
        double[][] hits = new double[spreads.size()][offered.size()];
        double[][] worth = new double[spreads.size()][offered.size()];
        for (int c = 0; c < spreads.size(); c++)
            for (int d = 0; d < offered.size(); d++) {
                hits[c][d] = HitChance.across(width, offered.get(d), spreads.get(c));
                worth[c][d] = worth(hits[c][d], band, spreads.size());
            }
        int[] best = {0, 1, 2};
        double bestWorth = Double.NEGATIVE_INFINITY;
        for (int a = 0; a < offered.size(); a++)
            for (int b = a + 1; b < offered.size(); b++)
                for (int c = b + 1; c < offered.size(); c++) {
                    double all = 0;
                    for (double[] of : worth) all += Math.max(Math.max(of[a], of[b]), of[c]);
                    if (all > bestWorth + 1e-12) {
                        bestWorth = all;
                        best = new int[] {a, b, c};
                    }
                }
        int[] chosen = best;
        List<Integer> lineOf = new ArrayList<>();
        int inside = 0;
        for (double[] of : hits) {
            int line = nearestToMiddle(of, chosen, band);
            lineOf.add(line);
            if (band.holds(of[chosen[line]])) inside++;
        }
        List<Double> metres = List.of(offered.get(best[0]), offered.get(best[1]), offered.get(best[2]));
        return new StartLines(
                metres,
                lineOf,
                inside,
                Words.say(
                        "From %.1f m, %.1f m and %.1f m %d of %d children hit %s of their tries.",
                        metres.get(0), metres.get(1), metres.get(2), inside, spreads.size(), band.words()));
    }

    /** Children inside the band count first; among equals, how near everyone comes to its middle. A child takes its best line. */
    private static double worth(double chance, Band band, int children) {
        return (band.holds(chance) ? 1 : 0) - Math.abs(chance - band.middle()) / children;
    }

    private static int nearestToMiddle(double[] hits, int[] lines, Band band) {
        int best = 0;
        for (int i = 1; i < lines.length; i++)
            if (Math.abs(hits[lines[i]] - band.middle()) < Math.abs(hits[lines[best]] - band.middle())) best = i;
        return best;
    }
}
