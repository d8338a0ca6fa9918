package io.isokinet.core.place;

/**
 * What stands on a floor or at its edge, in metres from the corner at the left and the top; it reaches to x + dx, y + dy.
 * Of a circle dx is the radius.
 */
public record Fixture(Kind kind, String label, double x, double y, double dx, double dy) {
    /** What can be on a floor or at its edge. */
    public enum Kind {
        /** A stretch of wall that a ball may be played against. */
        WALL,
        DOOR,
        /** Something fixed that is in the way: a radiator, a pillar, a step. */
        HAZARD,
        /** A painted line. */
        LINE,
        /** A painted circle. */
        CIRCLE
    }
}
