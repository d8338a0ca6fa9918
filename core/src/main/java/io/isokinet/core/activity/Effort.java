package io.isokinet.core.activity;

/** What a try asks of a body that it has only so much of. */
public enum Effort {
    /** An overarm throw at full effort. */
    THROW,
    /** A push of something heavy. */
    PUSH,
    /** A landing from a jump, hop or leap at full effort. */
    LAND,
    /** A balance held on one side. */
    HOLD
}
