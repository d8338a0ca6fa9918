package io.isokinet.core.space;

import io.isokinet.core.place.SpaceNeed;
import org.jspecify.annotations.Nullable;

/** How much floor a group wants for the distance of its task, so that what is drawn is what is said. Common practice, no source. */
final class LaneLength {
    /** Between two who stand in a queue. */
    static final double QUEUE = 0.5;
    /** From who acts to who waits next: room to swing. */
    static final double SWING = 1.0;
    /** From the last target to the end of the lane. */
    static final double BEHIND_TARGET = 0.4;
    /** From a target to the partner who fetches behind it. */
    static final double BEHIND_PIN = 0.8;
    /** Least between two children of a group that stand apart. */
    static final double APART = 0.5;
    /** From the back of a child to the end of the group's floor. */
    static final double EDGE = 0.3;
    /** From the last who waits to the end of the group's floor. */
    static final double BACK = 0.25;

    /** Between neighbours of a triangle of pins the rows lie 263.96 mm apart. USBC Equipment Specifications. */
    static final double PIN_ROW = 0.26396;

    /** A lane whose distance nobody says has at least this much before its end. */
    private static final double SHORTEST = 1;

    private static final double SLACK = 0.01;

    private LaneLength() {}

    /**
     * What is asked of the floor of a group.
     *
     * @param metres of the task; null if nothing says
     * @param largest group
     * @param pins that stand in it; 0 for none
     * @param target true if a target stands in it
     * @param runs true if the children run instead of sending something
     * @param runUp how far behind the line a go begins, in metres
     * @param row of things as far apart as the task says, from the line to the last, in metres; 0 for none
     */
    record Asked(
            @Nullable Double metres, int largest, int pins, boolean target, boolean runs, double runUp, double row) {}

    static SpaceNeed asItSays(SpaceNeed need, Asked asked) {
        return need;
    }

    /** From the last who waits to the wall. */
    static SpaceNeed wall(SpaceNeed need, Asked a) {
        double wide = need.metresPerGroup();
        double wanted = a.metres == null ? 0 : a.metres + 0.1 + queue(a.largest, columns(a.largest, wide)) + SLACK;
        return need.of(Math.max(Floor.WALL_DEPTH, wanted), wide);
    }

    /** From the last who waits over the line to behind the target. */
    static SpaceNeed lane(SpaceNeed need, Asked a) {
        double wide = need.metresPerGroup();
        double wanted = queue(a.largest, columns(a.largest, wide))
                + BACK
                + a.runUp
                + Math.max(a.row, a.metres == null ? SHORTEST : a.metres)
                + depth(a.pins)
                + (a.runs ? FloorPlanner.RUN_OUT - Floor.MARGIN : BEHIND_TARGET)
                + SLACK;
        return need.of(Math.max(need.metresLong(), wanted), wide);
    }

    /** From back to back, and to who fetches behind a target. */
    static SpaceNeed pair(SpaceNeed need, Asked a) {
        if (a.metres == null) return need;
        if (a.largest > 3) return ring(need, a);
        double wanted = a.metres + 2 * EDGE + (a.target ? BEHIND_PIN + depth(a.pins) : 0) + SLACK;
        return need.of(Math.max(need.metresLong(), wanted), need.metresPerGroup());
    }

    /** Parts on a ring with the distance between neighbours. */
    static SpaceNeed ring(SpaceNeed need, Asked a) {
        if (a.metres == null || a.largest < 2) return need;
        double across = a.metres / Math.sin(Math.PI / a.largest) + 2 * EDGE + SLACK;
        return need.of(Math.max(need.metresLong(), across), Math.max(need.metresPerGroup(), across));
    }

    /** Most columns in which those who wait can stand. */
    static int columns(int size, double wide) {
        return Math.max(1, Math.min((int) (wide / APART), size - 1));
    }

    /** How long a queue is behind the line. */
    static double queue(int size, int columns) {
        if (size < 2) return 0.2;
        int rows = (size - 2) / columns + 1;
        return 0.2 + SWING + (rows - 1) * QUEUE;
    }

    /** From the first pin to the last row. */
    static double depth(int pins) {
        return (rows(pins) - 1) * PIN_ROW;
    }

    /** Rows of a full triangle of so many; 1 if they make none and stand side by side. */
    static int rows(int pins) {
        return switch (pins) {
            case 3 -> 2;
            case 6 -> 3;
            case 10 -> 4;
            default -> 1;
        };
    }
}
