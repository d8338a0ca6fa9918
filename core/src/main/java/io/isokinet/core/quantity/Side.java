package io.isokinet.core.quantity;

/** A side of the body. A child who has not settled on one has no side, not a third one. */
public enum Side {
    LEFT,
    RIGHT;

    public Side opposite() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** The word in a sentence: "left" or "right". */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
