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
    /** Metres off the waist that are still about it: a hand's length. */
    private static final double ABOUT = 0.1;

    private static final Share TWO_THIRDS = new Share(2.0 / 3);
    /** Metres a second upwards that are still level. */
    private static final double LEVEL = 0.2;

    /** Metres a second; slower it is a toss, no pass. Common practice. */
    private static final double SLOWEST = 2;

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
                                point.value() * metres, 100 * point.value(), arrives, waist)
                        + (about(arrives, waist) ? "" : instead(metres, from, speed, waist, rebound))
                        + leaving(metres, from, speed, point, rebound));
    }

    /** Which way it leaves the hands: what is tossed up is no push, so that the push is told beside it. */
    private static String leaving(double metres, double from, double speed, Share point, double rebound) {
        double up = BouncePass.leaves(metres, from, speed, point);
        if (up <= LEVEL) return Words.say(" It is pushed down out of the hands, at %.1f m/s.", Math.max(0, -up));
        return Words.say(
                " So it leaves the hands upwards, a toss: pushed at two thirds of the way it arrives %.1f m high.",
                Math.max(
                        0,
                        BouncePass.arrives(metres, from, Math.max(speed, pushed(metres, from)), TWO_THIRDS, rebound)));
    }

    /** The least speed over the floor at which a pass to two thirds of the way leaves the hands level or downwards. */
    private static double pushed(double metres, double from) {
        return TWO_THIRDS.value() * metres / Math.sqrt(2 * from / Toppling.GRAVITY);
    }

    private static boolean about(double arrives, double waist) {
        return Math.abs(arrives - waist) <= ABOUT;
    }

    /** What reaches the waist where this pass does not: the fastest of the slower ones, or none. */
    private static String instead(double metres, double from, double speed, double waist, double rebound) {
        for (double slower = speed - 0.1; slower >= SLOWEST; slower -= 0.1) {
            Share point = BouncePass.pointFor(metres, from, slower, waist, rebound);
            if (about(BouncePass.arrives(metres, from, slower, point, rebound), waist))
                return Words.say(
                        " So fast it does not come up to the waist, wherever it bounces. At %.1f m/s it does, bouncing at %.0f %% of the way.",
                        slower, 100 * point.value());
        }
        return " It does not come up to the waist as a pass: take a ball that bounces higher, or go nearer.";
    }
}
