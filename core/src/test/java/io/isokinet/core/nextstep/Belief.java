package io.isokinet.core.nextstep;

import io.isokinet.core.mastery.ShownRate;

/**
 * What is believed of a cell, one child and one cue, after so many looks. How often children show a cue is taken to be drawn from
 * three kinds: hardly ever, Beta(2, 6), nearly always, Beta(9, 1.5), and anything; the shares are common practice.
 */
final class Belief {
    private static final int STEPS = 100;
    private static final double[] RATE = new double[STEPS];
    private static final double[] PRIOR = new double[STEPS];
    private static final int MOST = 40;
    private static final double[][] CHANCE = new double[MOST + 1][MOST + 1];
    private static final double[][] NEXT = new double[MOST + 1][MOST + 1];

    static {
        double[] seldom = new double[STEPS];
        double[] often = new double[STEPS];
        double seldomSum = 0;
        double oftenSum = 0;
        for (int i = 0; i < STEPS; i++) {
            double rate = (i + 0.5) / STEPS;
            RATE[i] = rate;
            seldom[i] = rate * Math.pow(1 - rate, 5);
            often[i] = Math.pow(rate, 8) * Math.sqrt(1 - rate);
            seldomSum += seldom[i];
            oftenSum += often[i];
        }
        for (int i = 0; i < STEPS; i++)
            PRIOR[i] = 0.35 * seldom[i] / seldomSum + 0.40 * often[i] / oftenSum + 0.25 / STEPS;
        for (int shown = 0; shown <= MOST; shown++)
            for (int not = 0; not <= MOST; not++) {
                double sum = 0;
                double there = 0;
                double next = 0;
                for (int i = 0; i < STEPS; i++) {
                    double weight = PRIOR[i] * Math.pow(RATE[i], shown) * Math.pow(1 - RATE[i], not);
                    sum += weight;
                    next += weight * RATE[i];
                    if (RATE[i] >= ShownRate.THERE) there += weight;
                }
                CHANCE[shown][not] = there / sum;
                NEXT[shown][not] = next / sum;
            }
    }

    private Belief() {}

    private static int capped(int count) {
        return Math.min(MOST, count);
    }

    /** The chance that the cue is shown at least four times in five. */
    static double there(int shown, int not) {
        return CHANCE[capped(shown)][capped(not)];
    }

    /** The chance that the next look shows it. */
    static double nextShown(int shown, int not) {
        return NEXT[capped(shown)][capped(not)];
    }

    /** How open it still is: 0 where it is certain, 1/4 where it is even. */
    static double doubt(int shown, int not) {
        double there = there(shown, not);
        return there * (1 - there);
    }

    /** The doubt that is left after {@code looks} more, on average. */
    static double doubtAfter(int shown, int not, int looks) {
        if (looks == 0) return doubt(shown, not);
        double next = nextShown(shown, not);
        return next * doubtAfter(shown + 1, not, looks - 1) + (1 - next) * doubtAfter(shown, not + 1, looks - 1);
    }

    /** The chance that {@code looks} more leave it decided. */
    static double settledAfter(int shown, int not, int looks) {
        if (looks == 0) return decided(shown, not) ? 1 : 0;
        double next = nextShown(shown, not);
        return next * settledAfter(shown + 1, not, looks - 1) + (1 - next) * settledAfter(shown, not + 1, looks - 1);
    }

    /** Whether it is decided as far as looks go: nine in ten, one way or the other. */
    static boolean decided(int shown, int not) {
        double there = there(shown, not);
        return there >= 0.85 || there <= 0.1;
    }
}
