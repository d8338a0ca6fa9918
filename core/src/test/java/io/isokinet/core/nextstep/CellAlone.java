package io.isokinet.core.nextstep;

/** The belief of before: each child and cue judged alone, by a fixed prior. */
public final class CellAlone {
    private CellAlone() {}

    public static double there(int shown, int not) {
        return Belief.there(shown, not);
    }
}
