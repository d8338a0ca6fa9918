package io.isokinet.core.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** How long the stretches of a lesson really were, from what happened to its clock. */
public final class RealMinutes {
    private RealMinutes() {}

    /** What happened to the clock. Minutes added or cut change what is left, not how long it was. */
    public enum Does {
        BEGIN,
        NEXT,
        REPEAT,
        PAUSE,
        RESUME
    }

    /** @param at by one clock for all of a lesson */
    public record Event(Does does, Instant at) {}

    /**
     * @param events in the order of time
     * @return one for each stretch that was ended, in order; pauses are left out, and repeats of one are added up
     */
    public static List<Duration> of(List<Event> events) {
        List<Duration> had = new ArrayList<>();
        Duration now = Duration.ZERO;
        boolean begun = false;
        boolean runs = false;
        Instant last = Instant.MIN;
        for (Event e : events) {
            if (runs) now = now.plus(Duration.between(last, e.at()));
            last = e.at();
            if (!begun && e.does() != Does.BEGIN) continue;
            begun = true;
            runs = e.does() != Does.PAUSE;
            if (e.does() == Does.NEXT) {
                had.add(now);
                now = Duration.ZERO;
            }
        }
        return had;
    }
}
