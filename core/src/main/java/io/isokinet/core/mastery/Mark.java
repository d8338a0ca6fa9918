package io.isokinet.core.mastery;

/** The mastery mark of one child and one cue. */
public enum Mark {
    NOT_TAUGHT("not taught yet"),
    NOT_SEEN("taught, not seen"),
    EMERGING("emerging"),
    NEAR("near: one trial short"),
    SECURE("secure so far"),
    MASTERED("mastered"),
    DUE("mastered once, due for a look"),
    NOT_APPLYING("does not apply");

    private final String label;

    Mark(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
