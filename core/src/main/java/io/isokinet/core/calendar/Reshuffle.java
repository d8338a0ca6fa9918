package io.isokinet.core.calendar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What becomes of a unit's lessons when dates are lost: the contents keep their order and go along to the dates that are left, and
 * then to new ones at the end.
 */
public final class Reshuffle {
    private Reshuffle() {}

    /**
     * Which date each content gets.
     *
     * @param dates how many dates the unit had
     * @param lost indices of those that are lost, each from 0 and below dates
     * @return for each content in order the index of its date, rising; from {@code dates} on they are new dates at the end, as many as are lost
     */
    public static List<Integer> along(int dates, Set<Integer> lost) {
        for (int one : lost)
            if (one < 0 || one >= dates)
                throw new IllegalArgumentException(
                        "The unit has %d lessons; there is none at %d to lose.".formatted(dates, one));
        List<Integer> date = new ArrayList<>();
        for (int next = 0; date.size() < dates; next++) if (!lost.contains(next)) date.add(next);
        return date;
    }
}
