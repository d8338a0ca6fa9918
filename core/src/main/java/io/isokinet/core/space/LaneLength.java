package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.place.SpaceNeed;
import org.jspecify.annotations.Nullable;

/** How much floor a group wants for the distance of its task, so that what is drawn is what is said. Common practice, no source. */
public final class LaneLength {
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
     * The floor a group wants: what the activity says, or more where its distance asks for it.
     *
     * @param metres of the task; null if nothing says
     * @param largest group
     * @param pins that stand in a group; 0 for none
     * @param target true if a target stands in a group
     * @param runs true if the children run instead of sending something
     */
    public static SpaceNeed wanted(
            Formation formation,
            SpaceNeed need,
            @Nullable Double metres,
            int largest,
            int pins,
            boolean target,
            boolean runs) {
        double wide = need.metresPerGroup();
        if (formation == Formation.WALL)
            return need.of(
                    Math.max(
                            Floor.WALL_DEPTH,
                            metres == null ? 0 : metres + 0.1 + queue(largest, columns(largest, wide)) + SLACK),
                    wide);
        boolean lane = formation == Formation.LANES || formation == Formation.RELAY;
        if (metres == null && !lane) return need;
        double far = metres == null ? SHORTEST : metres;
        return switch (formation) {
            case LANES, RELAY ->
                need.of(
                        Math.max(
                                need.metresLong(),
                                queue(largest, columns(largest, wide))
                                        + BACK
                                        + far
                                        + depth(pins)
                                        + (runs ? FloorPlanner.RUN_OUT - Floor.MARGIN : BEHIND_TARGET)
                                        + SLACK),
                        wide);
            case PAIRS ->
                largest > 3
                        ? ring(need, far, largest)
                        : need.of(
                                Math.max(
                                        need.metresLong(),
                                        far + 2 * EDGE + (target ? BEHIND_PIN + depth(pins) : 0) + SLACK),
                                wide);
            case ROLES -> ring(need, far, largest);
            default -> need;
        };
    }

    /** Parts on a ring with the distance between neighbours. */
    private static SpaceNeed ring(SpaceNeed need, double metres, int largest) {
        double across = largest < 2 ? 0 : metres / Math.sin(Math.PI / largest) + 2 * EDGE + SLACK;
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
