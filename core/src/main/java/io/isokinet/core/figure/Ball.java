package io.isokinet.core.figure;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The way of a ball, leg by leg: each begins where and when the one before ended.
 *
 * @param radius in metres
 * @param from where it comes from, in shares of stature; null where the first leg holds it
 */
public record Ball(double radius, @Nullable Vec from, List<Leg> legs) {
    /** Where the first, the second and the third one are. */
    static final List<Spot> SPOTS = List.of(Spot.BALL, Spot.SECOND_BALL, Spot.THIRD_BALL);

    public Ball {
        legs = List.copyOf(legs);
    }

    /** How a leg goes. */
    public enum How {
        /** Carried along with a spot of the body. */
        HELD,
        /** Still: at a place, or where a spot will be at the end of the leg, to meet it. */
        LIES,
        /** Freely through the air, so that it arrives in time. */
        FLIES,
        /** Along the floor. */
        ROLLS,
        /** To the floor and up again. */
        BOUNCES,
        /** Away to the target, as fast and as steep as what held or met it goes, or with a speed of its own; then it falls, bounces and rolls. */
        GOES
    }

    /**
     * One leg.
     *
     * @param until name of the moment at which it ends; empty for the last, which lasts
     * @param with what holds it, or meets it at the end; null where {@code to} says the place
     * @param to a place in shares of stature, or what to add to {@code with}
     * @param share where on the way it bounces; or how much of the speed of what held it it gets
     * @param speed in statures a second; null where it goes as what held it
     */
    public record Leg(
            How how,
            String until,
            @Nullable Spot with,
            @Nullable Vec to,
            double share,
            @Nullable Vec speed) {}
}
