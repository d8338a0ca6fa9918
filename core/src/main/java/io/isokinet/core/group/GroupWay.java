package io.isokinet.core.group;

/** How a class is put into groups. */
public enum GroupWay {
    /** One, two, three, one, two, three along the line. */
    COUNT_OFF("by counting off"),
    /** Each group about as far as the others. */
    BALANCED("as even as the marks say"),
    /** Those who need the same cue next. */
    SHARED_NEED("by what they need next"),
    /** Left with left and right with right: one demonstration for each. */
    SAME_SIDE("by side"),
    /** Those who send with the left spread over the groups. */
    MIXED_SIDES("sides mixed"),
    /** With those one has been with least. */
    FRESH("with new faces");

    private final String label;

    GroupWay(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
