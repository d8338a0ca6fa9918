package io.isokinet.core.figure;

/** The small toss, for the tests of what is built on the figure. */
public final class TossForOthers {
    private TossForOthers() {}

    public static Demonstration demonstration() {
        return Toss.demonstration();
    }
}
