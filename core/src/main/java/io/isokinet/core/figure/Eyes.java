package io.isokinet.core.figure;

/** What a face is turned to. */
public enum Eyes {
    /** Level, the way to the target. */
    AHEAD,
    /** Level, where the hips point. */
    FRONT,
    TARGET,
    BALL,
    /** The floor before the feet. */
    FLOOR,
    /** The hand that does it. */
    HAND,
    UP,
    /** Level, to the own side of the way. */
    ASIDE,
    OTHER_SIDE,
    BACK
}
