package io.isokinet.core.motion;

import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;

/**
 * How things roll, bounce and stop on a floor. A rolling ball is slowed by \( c\,g \), where c is the floor's resistance times the
 * thing's own factor: a sock ball stops in metres where a smooth ball runs on. For balls from 2 g to 1 kg at 0 to 8 m/s. The
 * factors are common practice, no source, tried by rolling.
 */
public record Ground(Place.Floor floor) {
    /** From a bounce back up, beside a hall floor. */
    private static final double CARPET_BOUNCE = 0.85;

    private static final double GRASS_BOUNCE = 0.5;

    /** Rolling resistance of a smooth ball as a share of its weight. */
    public double resistance() {
        return switch (floor) {
            case WOOD -> 0.028;
            case TARMAC -> 0.05;
            case CARPET -> 0.10;
            case GRASS -> 0.20;
        };
    }

    /** The same of a thing. */
    public double resistance(Item item) {
        return resistance() * item.handling().rolling();
    }

    /**
     * How far it runs until it stops: \( d = v^2 / (2 c g) \).
     *
     * @param start speed when it leaves the hand, or the target
     */
    public Length runsOn(Item item, Speed start) {
        double v = start.metresPerSecond();
        return new Length(v * v / (2 * resistance(item) * Toppling.GRAVITY));
    }

    /**
     * How fast it still is after so many metres: \( v = \sqrt{v_0^2 - 2 c g d} \).
     *
     * @return 0 where it has stopped before
     */
    public Speed after(Item item, Speed start, double metres) {
        double v = start.metresPerSecond();
        return new Speed(Math.sqrt(Math.max(0, v * v - 2 * resistance(item) * Toppling.GRAVITY * metres)));
    }

    /** How fast it must leave the hand to stop after so many metres. */
    public Speed toStopAt(Item item, double metres) {
        return new Speed(Math.sqrt(2 * resistance(item) * Toppling.GRAVITY * metres));
    }

    /** True if it rolls on here; what is not said to be known to is taken by its trait, a hall floor only. */
    public boolean rolls(Item item) {
        return item.handling() == Handling.UNKNOWN
                ? item.has(Trait.ROLLS) && floor != Place.Floor.GRASS
                : item.handling().rollsOn().contains(floor);
    }

    /** How high it comes back here, as a share of the height it fell from; 0 for what does not bounce. */
    public double rebound(Item item) {
        Double back = item.handling().rebound();
        if (back == null) return 0;
        return switch (floor) {
            case WOOD, TARMAC -> back;
            case CARPET -> back * CARPET_BOUNCE;
            case GRASS -> back * GRASS_BOUNCE;
        };
    }
}
