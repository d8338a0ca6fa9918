package io.isokinet.core.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** How long the stretches of a lesson really were, from what happened to its clock. */
public final class RealMinutes {
    private static final Duration LONGEST_GAP = Duration.ofMinutes(5);
    private static final int FEWEST_GAPS = 3;

    private RealMinutes() {}

    /** What happened to the clock. Minutes added or cut change what is left, not how long it was. */
    public enum Does {
        BEGIN,
        NEXT,
        REPEAT,
        PAUSE,
        RESUME,
        /** What had to be changed is changed, and they play. */
        SET;

        /** That of this name; empty for what says nothing of how long it was. */
        public static Optional<Does> named(String name) {
            return Arrays.stream(values()).filter(d -> d.name().equals(name)).findFirst();
        }
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
            if (e.does() == Does.SET) continue;
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

    /**
     * How long the change into each stretch took: from the press that began it until they played.
     *
     * @return by index of the stretch, only those where that was pressed; pauses count, since the change goes on
     */
    public static Map<Integer, Duration> changes(List<Event> events) {
        Map<Integer, Duration> took = new TreeMap<>();
        int index = -1;
        Instant began = Instant.MIN;
        for (Event e : events) {
            if (e.does() == Does.BEGIN && index < 0 || e.does() == Does.NEXT && index >= 0) {
                index++;
                began = e.at();
            } else if (e.does() == Does.SET && index >= 0) took.putIfAbsent(index, Duration.between(began, e.at()));
        }
        return took;
    }

    /**
     * How far one go was from the next: the middle of the gaps of at most five minutes.
     *
     * @return empty with fewer than three
     */
    public static Optional<Duration> betweenGoes(List<Instant> goes) {
        List<Duration> gaps = new ArrayList<>();
        for (int i = 1; i < goes.size(); i++) {
            Duration gap = Duration.between(goes.get(i - 1), goes.get(i));
            if (gap.compareTo(LONGEST_GAP) <= 0) gaps.add(gap);
        }
        if (gaps.size() < FEWEST_GAPS) return Optional.empty();
        Collections.sort(gaps);
        return Optional.of(gaps.get(gaps.size() / 2));
    }
}
