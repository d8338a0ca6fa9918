package io.isokinet.core.belief;

/** How right beliefs were that a cue is there. */
final class Score {
    final int[] cells = new int[10];
    final int[] there = new int[10];
    private final double[] said = new double[10];
    private double brier;
    private int right;
    private int all;

    void add(double believed, boolean isThere) {
        int tenth = Math.min(9, (int) (10 * believed));
        cells[tenth]++;
        said[tenth] += believed;
        if (isThere) there[tenth]++;
        brier += (believed - (isThere ? 1 : 0)) * (believed - (isThere ? 1 : 0));
        if (believed >= 0.5 == isThere) right++;
        all++;
    }

    double brier() {
        return brier / all;
    }

    double right() {
        return right / (double) all;
    }

    /** How far a tenth is off: its share that is there, less what was said of it in the mean. */
    double off(int tenth) {
        return (there[tenth] - said[tenth]) / cells[tenth];
    }

    /** Takes in what another one counted. */
    void add(Score other) {
        for (int t = 0; t < 10; t++) {
            cells[t] += other.cells[t];
            there[t] += other.there[t];
            said[t] += other.said[t];
        }
        brier += other.brier;
        right += other.right;
        all += other.all;
    }
}
