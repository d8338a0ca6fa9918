package io.isokinet.core.mastery;

/** Where a child goes with a cue. */
public enum Trend {
    STEADY,
    RISING,
    STALLED,
    FADING
}
