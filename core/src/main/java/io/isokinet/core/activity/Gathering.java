package io.isokinet.core.activity;

/** Where the children go at the stop signal. Common practice, no source. */
public enum Gathering {
    WHERE_THEY_ARE("stand still where they are"),
    START_LINE("behind their own start line"),
    BESIDE_THE_PARTNER("beside the partner, the ball between the feet"),
    AT_THE_TEACHER("in a half ring in front of the teacher"),
    OWN_SIDE("back to their own side");

    private final String label;

    Gathering(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
