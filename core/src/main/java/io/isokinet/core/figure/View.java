package io.isokinet.core.figure;

/** From where the observer looks. */
public enum View {
    /** From the target. */
    FRONT,
    BEHIND,
    /** From the side that does it. */
    OWN_SIDE,
    OTHER_SIDE;

    /**
     * A point as it is drawn.
     *
     * @param right and
     * @param down in metres, from where the child starts
     * @param near how near the observer it is: the greater, the more it covers
     */
    public record Drawn(double right, double down, double near) {}

    /**
     * @param mirrored true for a left-hander, whose own side is the left one
     */
    public Drawn draw(Vec v, boolean mirrored) {
        double toTheRight = mirrored ? -v.own() : v.own();
        return switch (this) {
            case FRONT -> new Drawn(-toTheRight, -v.up(), v.forward());
            case BEHIND -> new Drawn(toTheRight, -v.up(), -v.forward());
            // The right side is seen with the target on the right, the left side with it on the left.
            case OWN_SIDE -> new Drawn(mirrored ? -v.forward() : v.forward(), -v.up(), v.own());
            case OTHER_SIDE -> new Drawn(mirrored ? v.forward() : -v.forward(), -v.up(), -v.own());
        };
    }
}
