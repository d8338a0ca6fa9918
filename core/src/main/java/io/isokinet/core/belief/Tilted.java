package io.isokinet.core.belief;

import java.util.List;

/**
 * A normal belief of a logit once looks at it are taken in, summed over a grid.
 *
 * @param logMass log of how likely the looks were
 * @param mean and {@code variance} of the logit after them
 */
record Tilted(double logMass, double mean, double variance) {
    private static final int POINTS = 31;
    private static final double WIDE = 4;
    private static final double STEP = 2 * WIDE / (POINTS - 1);
    private static final double[] AT = new double[POINTS];
    private static final double[] DENSITY = new double[POINTS];

    static {
        for (int i = 0; i < POINTS; i++) {
            AT[i] = STEP * i - WIDE;
            DENSITY[i] = STEP * Math.exp(-AT[i] * AT[i] / 2) / Math.sqrt(2 * Math.PI);
        }
    }

    /**
     * @param mean and {@code variance} before them
     * @param offset that is added to the logit when they are made
     * @param eye factor on the errors of the observers
     */
    static Tilted of(double mean, double variance, List<Look> looks, double offset, double eye) {
        double sd = Math.sqrt(variance);
        // The odds that it is not shown fall by one factor from point to point.
        double[] odds = new double[POINTS];
        double factor = Math.exp(-sd * STEP);
        odds[0] = Math.exp(sd * WIDE - mean - offset);
        for (int i = 1; i < POINTS; i++) odds[i] = odds[i - 1] * factor;
        double[] weight = DENSITY.clone();
        double logMass = 0;
        for (Look l : looks) {
            double never = l.shown() ? CellLooks.slip(l, eye) : 1 - CellLooks.slip(l, eye);
            double span = l.shown() ? CellLooks.span(l, eye) : -CellLooks.span(l, eye);
            double harder = Math.exp(l.task());
            double top = 0;
            for (int i = 0; i < POINTS; i++) {
                weight[i] *= never + span / (1 + harder * odds[i]);
                top = Math.max(top, weight[i]);
            }
            // A thousand looks would else be too small for a number.
            for (int i = 0; i < POINTS; i++) weight[i] /= top;
            logMass += Math.log(top);
        }
        double sum = 0;
        double first = 0;
        double second = 0;
        for (int i = 0; i < POINTS; i++) {
            sum += weight[i];
            first += weight[i] * AT[i];
            second += weight[i] * AT[i] * AT[i];
        }
        double off = first / sum;
        // No surer than the grid is fine.
        double spread = Math.max(STEP * STEP / 12, second / sum - off * off);
        return new Tilted(logMass + Math.log(sum), mean + sd * off, variance * spread);
    }
}
