package io.isokinet.core.activity;

/** How a game or challenge is scored, and whether more or less is better. Common practice, no source. */
public enum Scoring {
    NONE("nothing is counted", Better.NEITHER),
    TALLY("points are added up", Better.MORE),
    STREAK("the longest run without a miss", Better.MORE),
    HITS_OF("hits out of a set of tries", Better.MORE),
    TOGETHER("the whole class towards one number", Better.MORE),
    PINS("things knocked down", Better.MORE),
    FALLEN_FROM_TEN("each fallen number taken from ten", Better.NEITHER),
    FEWEST("fewest tries to reach it", Better.LESS),
    NEAREST("nearest to the target", Better.LESS),
    MEASURED("best of three, measured", Better.MORE),
    TIME("seconds", Better.LESS),
    ZONES("by the zone it reaches", Better.MORE),
    COLOURS("by colour", Better.MORE),
    TAILS("tails taken and kept", Better.MORE),
    CROSSED("who gets across", Better.MORE),
    SWAP("success changes the places", Better.NEITHER);

    /** Which way is better. */
    public enum Better {
        MORE,
        LESS,
        NEITHER
    }

    private final String label;
    private final Better better;

    Scoring(String label, Better better) {
        this.label = label;
        this.better = better;
    }

    public String label() {
        return label;
    }

    public Better better() {
        return better;
    }
}
