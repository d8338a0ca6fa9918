package io.isokinet.core.mastery;

/** Where a trial was seen. */
public enum Setting {
    SHAPE,
    DRILL,
    GAME
}
