package io.isokinet.core.eye;

/** From where an observer looked. */
public enum Stand {
    /** From where the cue is seen best. */
    BEST,
    FRONT,
    SIDE,
    BEHIND
}
