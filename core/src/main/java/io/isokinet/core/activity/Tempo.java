package io.isokinet.core.activity;

/** How fast a step is done. */
public enum Tempo {
    /** In slow motion, at a walk or standing: nothing is done at full effort, and both feet never leave the floor. */
    SLOW,
    /** As it is usually done. */
    USUAL,
    /** As fast as one can. */
    FULL
}
