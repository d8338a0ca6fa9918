package io.isokinet.core.skill;

/** From where a cue is seen best, as a child faces what it aims at. */
public enum Seen {
    SIDE,
    FRONT,
    BEHIND
}
