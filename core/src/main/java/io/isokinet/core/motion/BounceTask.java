package io.isokinet.core.motion;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.quantity.Words;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where to bounce a pass, from half of the way on, so that it arrives as near the waist as it can.
 *
 * @param point where it bounces, 0 to 1 of the way @param from height of the hands @param arrives both in metres
 * @param path height in metres at each twentieth of the way
 */
public record BounceTask(double point, double from, double arrives, List<Double> path, String sentence) {
    private static final int STEPS = 20;
    /** Hands that pass and a waist that is met, as shares of a child's height: common practice. */
    private static final double HANDS = 0.7;

    private static final double WAIST = 0.55;

    public BounceTask {
        path = List.copyOf(path);
    }

    /**
     * @param metres to the partner, 1 to 15 @param speed over the floor in m/s, 1 to 15
     * @param rebound speed after the bounce as a share of that before, between 0 and 1
     */
    public static BounceTask of(double metres, Age age, double speed, double rebound) {
        if (!(metres >= 1 && metres <= 15 && speed >= 1 && speed <= 15 && rebound > 0 && rebound < 1))
            throw new IllegalArgumentException(
                    "A bounce pass goes 1 to 15 m at 1 to 15 m/s and comes up with a share of its speed between 0 and 1; %s m, %s m/s and %s were given."
                            .formatted(metres, speed, rebound));
        double from = HANDS * Stature.of(age);
        double waist = WAIST * Stature.of(age);
        Share point = BouncePass.pointFor(metres, from, speed, waist, rebound);
        double arrives = BouncePass.arrives(metres, from, speed, point, rebound);
        return new BounceTask(
                point.value(),
                from,
                arrives,
                IntStream.rangeClosed(0, STEPS)
                        .mapToObj(i -> BouncePass.height(metres, from, speed, point, rebound, (double) i / STEPS))
                        .toList(),
                Words.say(
                        "It bounces %.1f m on the way, %.0f %% of it, and arrives %.1f m high; about the waist is %.1f m.",
                        point.value() * metres, 100 * point.value(), arrives, waist));
    }
}
