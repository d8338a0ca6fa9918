package io.isokinet.core.kit;

import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.place.Place;
import org.jspecify.annotations.Nullable;

/**
 * Where kit is used, and what for: what is no good on this floor is out before it is ranked, and what is forbidden here comes last.
 *
 * @param airborne true if what is sent flies towards people
 * @param metres to what is aimed at, or to the partner; null if nothing says
 */
public record Here(
        Ground ground,
        boolean indoors,
        boolean airborne,
        Travel travel,
        Must must,
        @Nullable Double metres) {
    /** On the floor of a place, for an attempt at nothing in particular. */
    public static Here in(Place place) {
        return new Here(new Ground(place.floor()), place.indoors(), false, Travel.NONE, Must.NOTHING, null);
    }

    /** The same, however far it is. */
    Here anyDistance() {
        return metres == null ? this : new Here(ground, indoors, airborne, travel, must, null);
    }
}
