package io.isokinet.core.skill;

/** What must be there for a cue to exist at all: "look at the target" exists only where there is a target. */
public enum Condition {
    NONE,
    TARGET,
    PARTNER,
    OBJECT,
    MOVING_BALL,
    /** Both feet leave the floor: never at a walk or in slow motion. */
    FLIGHT
}
