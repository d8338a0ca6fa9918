package io.isokinet.core.belief;

import java.util.List;

/**
 * Where looks make most decisions about a class surer. A look at one child and cue tells of the others through what they have in
 * common; how much doubt it takes from all of them together is its worth, counted by the normal approximation.
 */
public final class LookPlan {
    private static final double NOTHING = 1e-9;

    private final ClassBelief belief;
    private final int[] cells;
    private final int[][] near;
    private final double[][] ties;
    private final double[] mean;
    private final double[] variance;
    private final double[] before;
    private final double[] gain;
    private final boolean[] fresh;

    private LookPlan(ClassBelief belief, int[] cells) {
        this.belief = belief;
        this.cells = cells;
        int all = cells.length == 0 ? 0 : belief.ties(cells[0]).length;
        mean = new double[all];
        variance = new double[all];
        for (int i = 0; i < all; i++) {
            Believed b = belief.byIndex(i);
            mean[i] = b.mean();
            variance[i] = b.sd() * b.sd();
        }
        before = variance.clone();
        near = new int[cells.length][];
        ties = new double[cells.length][];
        for (int a = 0; a < cells.length; a++) {
            near[a] = belief.near(cells[a]);
            ties[a] = belief.ties(cells[a]);
        }
        gain = new double[cells.length];
        fresh = new boolean[cells.length];
    }

    /**
     * @param children and
     * @param cues name the cells that can be looked at, pair by pair
     */
    public static LookPlan of(ClassBelief belief, List<String> children, List<String> cues) {
        int[] cells = new int[children.size()];
        for (int i = 0; i < cells.length; i++) cells[i] = belief.index(children.get(i), cues.get(i));
        return new LookPlan(belief, cells);
    }

    /** The worth of a look at one of the cells now, as doubt taken from the whole class. */
    public double worth(int cell) {
        if (!fresh[cell]) {
            double weight = weight(cell);
            double sum = 0;
            for (int i : near[cell]) {
                if (i != cells[cell] && !belief.isTaught(i)) continue;
                double taken = Math.min(0.98 * variance[i], ties[cell][i] * ties[cell][i] * weight);
                if (taken > NOTHING)
                    sum += Believed.doubtAfter(mean[i], variance[i], 0)
                            - Believed.doubtAfter(mean[i], variance[i], taken);
            }
            gain[cell] = sum;
            fresh[cell] = true;
        }
        return gain[cell];
    }

    private double weight(int cell) {
        int at = cells[cell];
        double information = Believed.information(mean[at], variance[at]);
        return information / (1 + information * variance[at]);
    }

    /** Plans a look at one of the cells. */
    public void take(int cell) {
        double weight = weight(cell);
        double[] of = ties[cell].clone();
        for (int i = 0; i < variance.length; i++) variance[i] = Math.max(1e-4, variance[i] - of[i] * of[i] * weight);
        for (int a = 0; a < cells.length; a++) {
            double shared = of[cells[a]] * weight;
            if (Math.abs(shared) < NOTHING) continue;
            for (int i = 0; i < of.length; i++) ties[a][i] -= shared * of[i];
            fresh[a] = false;
        }
    }

    /** The chance that one of the cells is decided by what is planned. */
    public double decided(int cell) {
        return belief.byIndex(cells[cell]).decidedAfter(before[cells[cell]] - variance[cells[cell]]);
    }
}
