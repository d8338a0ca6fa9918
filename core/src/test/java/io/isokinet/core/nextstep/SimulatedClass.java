package io.isokinet.core.nextstep;

import io.isokinet.core.nextstep.WatchPlan.Cell;
import io.isokinet.core.nextstep.WatchPlan.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.apache.commons.statistics.distribution.BetaDistribution;

/** A class whose truth is known, watched lesson by lesson; main prints the curve for docs/figures.md. */
final class SimulatedClass {
    private static final int CHILDREN = 27;
    private static final int CUES = 4;
    private static final double THERE = 0.8;

    private final double[] truth = new double[CHILDREN * CUES];
    private final Random looks;
    private final int[] shown = new int[CHILDREN * CUES];
    private final int[] not = new int[CHILDREN * CUES];

    private SimulatedClass(long seed) {
        Random kinds = new Random(seed);
        looks = new Random(seed + 1000);
        for (int i = 0; i < truth.length; i++) truth[i] = truth(kinds);
    }

    private static final BetaDistribution SELDOM = BetaDistribution.of(2, 6);
    private static final BetaDistribution OFTEN = BetaDistribution.of(9, 1.5);

    /** How often one child truly shows one cue. */
    static double truth(Random kinds) {
        double kind = kinds.nextDouble();
        return kind < 0.35
                ? SELDOM.inverseCumulativeProbability(kinds.nextDouble())
                : kind < 0.75 ? OFTEN.inverseCumulativeProbability(kinds.nextDouble()) : kinds.nextDouble();
    }

    static SimulatedClass of(long seed) {
        return new SimulatedClass(seed);
    }

    /** The share of cells that are decided rightly after so many lessons. */
    double right(int lessons, int perLesson, boolean planned) {
        watch(lessons, perLesson, planned);
        int right = 0;
        for (int i = 0; i < truth.length; i++) if (believed(i) >= 0.5 == isThere(i)) right++;
        return right / (double) truth.length;
    }

    private double believed(int cell) {
        return Belief.there(shown[cell], not[cell]);
    }

    private boolean isThere(int cell) {
        return truth[cell] >= THERE;
    }

    private void watch(int lessons, int perLesson, boolean planned) {
        int next = 0;
        for (int lesson = 0; lesson < lessons; lesson++) {
            List<Integer> order = new ArrayList<>();
            if (planned) {
                List<Cell> cells = new ArrayList<>();
                for (int i = 0; i < truth.length; i++)
                    cells.add(new Cell("c" + i / CUES, String.valueOf(i), shown[i], not[i]));
                for (Watch w : WatchPlan.of(cells, perLesson).watches())
                    for (int k = 0; k < w.looks(); k++)
                        order.add(Integer.parseInt(w.cell().cue()));
            } else for (int k = 0; k < perLesson; k++) order.add(next++ % truth.length);
            for (int cell : order) {
                if (looks.nextDouble() < truth[cell]) shown[cell]++;
                else not[cell]++;
            }
        }
    }

    public static void main(String[] arguments) {
        curve();
        calibration();
    }

    /** Of the cells that are believed to be there with some chance, the share that truly is. */
    private static void calibration() {
        double[] edges = {0, 0.1, 0.3, 0.5, 0.7, 0.9, 1.0001};
        int[] cells = new int[edges.length - 1];
        int[] there = new int[edges.length - 1];
        for (int seed = 1; seed <= 50; seed++) {
            SimulatedClass one = of(seed);
            one.watch(6, 60, true);
            for (int i = 0; i < one.truth.length; i++) {
                int bin = 0;
                while (one.believed(i) >= edges[bin + 1]) bin++;
                cells[bin]++;
                if (one.isThere(i)) there[bin]++;
            }
        }
        System.out.println();
        System.out.println("| believed to be there | cells | truly there |");
        System.out.println("|---|---|---|");
        for (int b = 0; b < cells.length; b++)
            System.out.printf(
                    Locale.ROOT,
                    "| %.1f to %.1f | %d | %.2f |%n",
                    edges[b],
                    Math.min(1, edges[b + 1]),
                    cells[b],
                    there[b] / (double) Math.max(1, cells[b]));
    }

    private static void curve() {
        System.out.println("| lessons of 60 looks | even round | by the plan | by the plan with 51 looks |");
        System.out.println("|---|---|---|---|");
        for (int lessons : new int[] {1, 2, 3, 4, 6, 8}) {
            double even = 0;
            double plan = 0;
            double less = 0;
            for (int seed = 1; seed <= 50; seed++) {
                even += of(seed).right(lessons, 60, false);
                plan += of(seed).right(lessons, 60, true);
                less += of(seed).right(lessons, 51, true);
            }
            System.out.printf(Locale.ROOT, "| %d | %.3f | %.3f | %.3f |%n", lessons, even / 50, plan / 50, less / 50);
        }
    }
}
