package io.isokinet.core.figure;

/**
 * One number of a pose. Angles in degrees; places as shares, of stature on the floor, of the leg for the height of the hips, of the arm for
 * a hand. <i>Own</i> is the side that does it, <i>other</i> the opposite one, so that a left-hander is the same movement in a mirror.
 */
public enum Dial {
    /** Hips turned from the target to the own side: 90 is side-on. */
    TURN(-180, 180, 0),
    /** Shoulders turned beyond the hips, the same way. */
    TWIST(-70, 70, 0),
    /** Trunk leant forward. */
    LEAN(-35, 110, 0),
    /** Trunk bent to the own side. */
    BEND(-40, 40, 0),
    /** Face turned from the target to the own side. */
    LOOK(-120, 120, 0),
    /** Face lowered. */
    NOD(-50, 70, 0),
    /** Middle of the hips, along the way to the target. */
    ALONG(-5, 5, 0),
    /** The same across, to the own side. */
    ACROSS(-2, 2, 0),
    /** Height of the hips, of the straight leg. */
    HEIGHT(0.3, 2, 1),
    OWN_FOOT_ALONG(-5, 5, 0),
    OWN_FOOT_ACROSS(-2, 2, 0.09),
    /** The sole above the floor at its lowest. */
    OWN_FOOT_HEIGHT(0, 1, 0),
    /** Heel up and toe down; negative with the toe up. */
    OWN_FOOT_TIP(-45, 90, 0),
    /** Toes turned to the own side from the way to the target. */
    OWN_FOOT_TURN(-120, 120, 0),
    OTHER_FOOT_ALONG(-5, 5, 0),
    OTHER_FOOT_ACROSS(-2, 2, -0.09),
    OTHER_FOOT_HEIGHT(0, 1, 0),
    OTHER_FOOT_TIP(-45, 90, 0),
    OTHER_FOOT_TURN(-120, 120, 0),
    /** Hand from its shoulder, ahead of the chest. */
    OWN_HAND_AHEAD(-1, 1, 0),
    /** The same away from the middle of the body. */
    OWN_HAND_OUT(-1, 1, 0.1),
    OWN_HAND_UP(-1, 1, -0.95),
    /** Elbow out from below the line from shoulder to hand: 0 hangs, 90 points away from the body, 180 is above. */
    OWN_ELBOW(-90, 180, 20),
    OTHER_HAND_AHEAD(-1, 1, 0),
    OTHER_HAND_OUT(-1, 1, 0.1),
    OTHER_HAND_UP(-1, 1, -0.95),
    OTHER_ELBOW(-90, 180, 20);

    private final double least;
    private final double most;
    private final double standing;

    Dial(double least, double most, double standing) {
        this.least = least;
        this.most = most;
        this.standing = standing;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }

    /** What it is where a child just stands and looks at the target. */
    public double standing() {
        return standing;
    }
}
