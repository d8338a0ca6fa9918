package io.isokinet.core.activity;

/** How what is sent gets along. */
public enum Travel {
    /** Nothing is sent. */
    NONE,
    /** Along the floor: it must roll there. */
    ROLLS,
    /** Through the air. */
    FLIES,
    /** By a bounce: it must come back up. */
    BOUNCES,
    /** Held, balanced or tossed to oneself. */
    KEPT
}
