package io.isokinet.core.figure;

/**
 * One number of a pose. Angles in degrees; places as shares, of stature on the floor, of the leg for the height of the hips, of the arm for
 * a hand. <i>Own</i> is the side that does it, <i>other</i> the opposite one, so that a left-hander is the same movement in a mirror.
 */
public enum Dial {
    /** Hips turned from the way to the target to the own side: 90 is side-on. */
    TURN(-200, 200, 0),
    /** Shoulders turned beyond the hips, the same way. */
    TWIST(-80, 80, 0),
    /** Trunk leant forward. */
    LEAN(-40, 110, 0),
    /** Trunk bent to the own side. */
    BEND(-50, 50, 0),
    /** The hip of the own side higher than the other. */
    TILT(-30, 30, 0),
    /** Knees outwards; below zero they fall in. */
    KNEES(-60, 60, 0),
    /** Middle of the hips, along the way to the target. */
    ALONG(-9, 9, 0),
    /** The same across, to the own side. */
    ACROSS(-4, 4, 0),
    /** Height of the hips, of the straight leg; never so high that a foot would not reach its place. */
    HEIGHT(0.25, 2, 1),
    OWN_FOOT_ALONG(-9, 9, 0),
    OWN_FOOT_ACROSS(-4, 4, 0.09),
    /** The sole above the floor at its lowest. */
    OWN_FOOT_HEIGHT(0, 1.2, 0),
    /** Heel up and toe down; negative with the toe up. */
    OWN_FOOT_TIP(-60, 120, 0),
    /** Toes turned to the own side from the way to the target. */
    OWN_FOOT_TURN(-200, 200, 0),
    OTHER_FOOT_ALONG(-9, 9, 0),
    OTHER_FOOT_ACROSS(-4, 4, -0.09),
    OTHER_FOOT_HEIGHT(0, 1.2, 0),
    OTHER_FOOT_TIP(-60, 120, 0),
    OTHER_FOOT_TURN(-200, 200, 0),
    /** Hand from its shoulder, ahead of the chest. */
    OWN_HAND_AHEAD(-1, 1, 0),
    /** The same away from the middle of the body. */
    OWN_HAND_OUT(-1, 1, 0.1),
    OWN_HAND_UP(-1, 1, -0.95),
    /** Elbow out from below the line from shoulder to hand: 0 hangs, 90 points away from the body, 180 above and to the front. */
    OWN_ELBOW(-90, 180, 20),
    OTHER_HAND_AHEAD(-1, 1, 0),
    OTHER_HAND_OUT(-1, 1, 0.1),
    OTHER_HAND_UP(-1, 1, -0.95),
    OTHER_ELBOW(-90, 180, 20),
    /** 1 where the other hand lies below the own one on what is held, 0 where it is where its own dials say. */
    JOINED(0, 1, 0),
    /** Where a held thing points, from the way to the target to the own side. */
    THING_TURN(-220, 220, 0),
    /** How far it points above the level. */
    THING_RISE(-90, 90, 0);

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

    /** What it is where a child just stands and looks ahead. */
    public double standing() {
        return standing;
    }

    /** The same dial of the other side of the body; itself where it has no side. */
    Dial opposite() {
        String n = name();
        if (n.startsWith("OWN_")) return valueOf("OTHER_" + n.substring(4));
        return n.startsWith("OTHER_") ? valueOf("OWN_" + n.substring(6)) : this;
    }

    /** True where left and right are the two signs of it. */
    boolean isSigned() {
        return switch (this) {
            case TURN, TWIST, BEND, TILT, ACROSS, THING_TURN -> true;
            case OWN_FOOT_ACROSS, OTHER_FOOT_ACROSS, OWN_FOOT_TURN, OTHER_FOOT_TURN -> true;
            default -> false;
        };
    }

    /** True where it tells how far along the way somebody is. */
    boolean isAlong() {
        return this == ALONG || this == OWN_FOOT_ALONG || this == OTHER_FOOT_ALONG;
    }
}
