package io.isokinet.core.activity;

/** How children stand. The usual share of time in motion is common practice: lanes 25 to 45 %, the others 50 to 65 %. */
public enum Formation {
    GATHERED("gathered", false, 0),
    SCATTER("scattered", false, 60),
    WALL("at a wall", false, 60),
    PAIRS("in pairs", false, 55),
    CIRCLE("in a circle", false, 50),
    LANES("in lanes", true, 35),
    FILES("in files", true, 35),
    TWO_SIDES("two sides", false, 55),
    RELAY("in relay files", true, 35),
    ROLES("in groups with roles", false, 45),
    STATIONS("at stations", false, 50),
    CROSSING("crossing", false, 55),
    SCRAMBLE("in a scramble", false, 60);

    private final String label;
    private final boolean queues;
    private final int motionPercent;

    Formation(String label, boolean queues, int motionPercent) {
        this.label = label;
        this.queues = queues;
        this.motionPercent = motionPercent;
    }

    public String label() {
        return label;
    }

    /** True if children wait behind one another for a turn. */
    public boolean queues() {
        return queues;
    }

    /** True if children take room by the head, all over the floor. */
    public boolean spreads() {
        return this == SCATTER || this == GATHERED || this == SCRAMBLE;
    }

    /** The usual share of the minutes in which a child is in motion, in per cent. */
    public int motionPercent() {
        return motionPercent;
    }
}
