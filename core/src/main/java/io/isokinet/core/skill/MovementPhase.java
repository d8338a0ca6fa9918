package io.isokinet.core.skill;

/** The phase of a movement that a cue belongs to, in the order in which they happen. */
public enum MovementPhase {
    READY("ready"),
    WIND_UP("wind-up"),
    ACTION("action"),
    RELEASE("release or contact"),
    FOLLOW_THROUGH("follow-through");

    private final String label;

    MovementPhase(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
