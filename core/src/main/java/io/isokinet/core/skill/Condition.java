package io.isokinet.core.skill;

/** What must be there for a cue to exist at all: "look at the target" exists only where there is a target. */
public enum Condition {
    NONE("anything"),
    TARGET("a target or somebody to send it to"),
    PARTNER("a partner, or a wall that sends it back"),
    OBJECT("something that is sent"),
    MOVING_BALL("a ball in motion"),
    OPPONENT("somebody to get past"),
    /** Both feet leave the floor: never at a walk or in slow motion. */
    FLIGHT("a moment with both feet off the floor");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    /** As in "which is only where there is a target". */
    public String words() {
        return words;
    }
}
