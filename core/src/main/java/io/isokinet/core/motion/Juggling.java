package io.isokinet.core.motion;

import io.isokinet.core.quantity.Words;

/**
 * The beat of a cascade with two hands: (F + D) H = (V + D) N, where a thing flies for F, a hand holds it for D and is empty for V.
 * Shannon, Scientific aspects of juggling, about 1980; from memory.
 *
 * @param flight and the others in seconds @param between from one throw to the next, of the other hand
 */
public record Juggling(double flight, double dwell, double empty, double between, String sentence) {
    private static final int HANDS = 2;

    /**
     * @param objects 3 or more @param rise metres from hand to top, more than zero
     * @param dwell seconds that a hand holds a thing, more than zero
     * @throws IllegalArgumentException if a hand would have to throw before it has caught
     */
    public static Juggling of(int objects, double rise, double dwell) {
        if (objects < 3 || !(rise > 0) || !(dwell > 0))
            throw new IllegalArgumentException(
                    "A cascade has 3 things or more, a height and a time in the hand above zero; %d, %s m and %s s were given."
                            .formatted(objects, rise, dwell));
        double flight = Flight.airTime(rise);
        double empty = empty(objects, flight, dwell);
        if (empty <= 0)
            throw new IllegalArgumentException(Words.say(
                    "At %.1f m a hand would have to catch before it is empty. Throw higher, or hold each thing for less than %.1f s.",
                    rise, flight * HANDS / (objects - HANDS)));
        double between = (flight + dwell) / objects;
        return new Juggling(
                flight,
                dwell,
                empty,
                between,
                Words.say(
                        "Thrown %.1f m high each flies for %.2f s: a throw every %.2f s, %.0f a minute. The one before is at its top after %.2f s: throw then.",
                        rise, flight, between, 60 / between, flight / 2));
    }

    /** Seconds that a hand is empty. */
    public static double empty(int objects, double flight, double dwell) {
        return (flight + dwell) * HANDS / objects - dwell;
    }
}
