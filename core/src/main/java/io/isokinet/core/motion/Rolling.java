package io.isokinet.core.motion;

import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Speed;

/** How far a rolled ball runs on. */
public final class Rolling {
    private Rolling() {}

    /** Rolling resistance as a share of the weight; for school balls, common practice. */
    public static double resistance(Place.Floor floor) {
        return switch (floor) {
            case WOOD -> 0.03;
            case TARMAC -> 0.05;
            case CARPET -> 0.10;
            case GRASS -> 0.20;
        };
    }

    /**
     * How far it runs until it stops: \( d = v^2 / (2 c g) \).
     *
     * @param start speed when it leaves the hand, or the target
     */
    public static Length runsOn(Speed start, Place.Floor floor) {
        double v = start.metresPerSecond();
        return new Length(v * v / (2 * resistance(floor) * Toppling.GRAVITY));
    }
}
