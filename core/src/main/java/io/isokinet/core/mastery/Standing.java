package io.isokinet.core.mastery;

/** Where a child stands with a cue, as reports count it. */
public enum Standing {
    LEFT_OUT("left out"),
    NOT_TAUGHT("not taught yet"),
    NOT_SEEN("not seen"),
    DEVELOPING("developing"),
    /** Secure, mastered, or mastered and only due by time. */
    OWNED("secure or mastered");

    private final String label;

    Standing(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** True if it was taught and counts for this child. */
    public boolean isCounted() {
        return compareTo(NOT_TAUGHT) > 0;
    }
}
