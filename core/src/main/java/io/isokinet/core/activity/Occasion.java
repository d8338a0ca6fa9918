package io.isokinet.core.activity;

/** When in a unit an opening or a close belongs. */
public enum Occasion {
    ANY,
    /** It sets up what a unit needs from its first minute: the stop signal, the line nobody crosses. */
    FIRST,
    /** It looks back on a lesson before. */
    LATER
}
