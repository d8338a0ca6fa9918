package io.isokinet.core.motion;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import org.jspecify.annotations.Nullable;

/**
 * How high a toss must go so that something can be done meanwhile, and whether the ceiling lets it.
 *
 * @param seconds in the air @param rise metres above the hand @param top metres above the floor
 * @param fits true if it stays clear of the ceiling
 */
public record TossTask(double seconds, double rise, double top, double hand, boolean fits, String sentence) {
    /** What is done while the ball is in the air; seconds are common practice. */
    public enum Task {
        NOTHING("just watch it", 0),
        CLAP("clap once", 0.4),
        HEAD("touch your head", 0.5),
        THREE_CLAPS("clap three times", 0.9),
        FLOOR("touch the floor", 1.0),
        TURN("turn once round", 1.2);

        private final String label;
        private final double seconds;

        Task(String label, double seconds) {
            this.label = label;
            this.seconds = seconds;
        }

        public String label() {
            return label;
        }
    }

    /** To see it go and to be ready again: common practice. */
    private static final double READY = 0.3;

    private static final double CLEAR = 0.3;

    /** @param ceiling metres above the floor; null outdoors @param more metres that are tossed higher than needed, zero or more */
    public static TossTask of(Task task, Age age, @Nullable Double ceiling, double more) {
        if (more < 0)
            throw new IllegalArgumentException(
                    "A toss can be higher than needed, not lower; %s m was given.".formatted(more));
        double hand = hand(age);
        double rise = Flight.rise(task.seconds + READY) + more;
        double top = hand + rise;
        boolean fits = ceiling == null || top + CLEAR <= ceiling;
        return new TossTask(Flight.airTime(rise), rise, top, hand, fits, sentence(task, rise, top, ceiling, fits));
    }

    private static String sentence(Task task, double rise, double top, @Nullable Double ceiling, boolean fits) {
        String needs =
                Words.say("To %s the toss goes %.1f m above the hand, %.1f m above the floor.", task.label, rise, top);
        if (ceiling == null) return needs;
        return needs
                + (fits
                        ? Words.say(" The ceiling is at %.1f m: it is clear of it.", ceiling)
                        : Words.say(
                                " The ceiling is at %.1f m: too low. Take a shorter task, a scarf, or go outside.",
                                ceiling));
    }

    /** The hand that tosses is at the hip: about half of a child's height. Common practice. */
    private static double hand(Age age) {
        return 0.52 * Stature.of(age);
    }
}
