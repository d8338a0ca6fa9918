package io.isokinet.core.belief;

import org.jspecify.annotations.Nullable;

/**
 * What the rest of the class says of a cell, times what its own looks say, on a grid. What the rest says has long tails, so that a child
 * who is otherwise than all others is found out by a few looks.
 */
final class Tilted {
    private static final int POINTS = 61;
    private static final double WIDE = 5;

    /**
     * So many cells are otherwise than all the rest says, by a scale of so many logits, where cells differ as usual; fewer where they hardly do:
     * common practice, no source.
     */
    private static final double ODD = 0.1;

    private static final double OTHERWISE = 2;

    private final double[] at = new double[POINTS];
    private final double[] weight = new double[POINTS];

    private Tilted() {}

    static Tilted of(
            double mean, double variance, @Nullable CellLooks looks, CellLooks.@Nullable Sites sites, Priors priors) {
        Tilted t = new Tilted();
        double otherwise = variance + OTHERWISE * OTHERWISE;
        double share = ODD * Math.min(1, priors.cell() / Priors.USUAL.cell());
        double usual = Math.log((1 - share) / Math.sqrt(variance));
        double odd = Math.log(share / Math.sqrt(otherwise));
        double sd = Math.sqrt(otherwise);
        double top = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < POINTS; i++) {
            double z = WIDE * (2.0 * i / (POINTS - 1) - 1);
            double off = sd * z;
            t.at[i] = mean + off;
            double asOthers = usual - off * off / (2 * variance);
            double apart = odd - off * off / (2 * otherwise);
            t.weight[i] = Math.max(asOthers, apart) + Math.log1p(Math.exp(-Math.abs(asOthers - apart)));
            if (looks != null && sites != null) t.weight[i] += own(t.at[i], mean, variance, looks, sites, priors);
            top = Math.max(top, t.weight[i]);
        }
        double sum = 0;
        for (int i = 0; i < POINTS; i++) sum += t.weight[i] = Math.exp(t.weight[i] - top);
        for (int i = 0; i < POINTS; i++) t.weight[i] /= sum;
        return t;
    }

    private static double own(
            double today, double mean, double variance, CellLooks looks, CellLooks.Sites sites, Priors priors) {
        double sum = 0;
        for (int k = 0; k < looks.days(); k++) {
            double wander = Math.sqrt(1 + Math.PI * sites.blur()[k] / 8);
            double anything = Math.sqrt(1 + Math.PI * (variance + sites.blur()[k]) / 8);
            double stale = sites.stale()[k];
            for (Look l : looks.looks.get(k)) {
                double says = (1 - stale)
                                * CellLooks.says(l, (today - sites.shift()[k] - l.task()) / wander, priors.eye())
                        + stale * CellLooks.says(l, (mean - sites.shift()[k] - l.task()) / anything, priors.eye());
                sum += Math.log(l.shown() ? says : 1 - says);
            }
        }
        return sum;
    }

    Believed believed(int looks, double own) {
        double mean = 0;
        double there = 0;
        double shown = 0;
        double step = at[1] - at[0];
        for (int i = 0; i < POINTS; i++) {
            mean += weight[i] * at[i];
            shown += weight[i] / (1 + Math.exp(-at[i]));
            // A point stands for the stretch around it.
            there += weight[i] * Math.max(0, Math.min(1, (at[i] + step / 2 - Believed.THERE) / step));
        }
        double variance = 0;
        for (int i = 0; i < POINTS; i++) variance += weight[i] * (at[i] - mean) * (at[i] - mean);
        return new Believed(mean, Math.sqrt(variance), Math.min(1, there), Math.min(1, shown), looks, own);
    }
}
