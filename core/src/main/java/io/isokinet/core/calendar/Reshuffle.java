package io.isokinet.core.calendar;

import java.util.ArrayList;
import java.util.List;

/**
 * What becomes of a unit's lessons when a date is lost: the contents keep their order and go along to the dates that are left.
 */
public final class Reshuffle {
    private Reshuffle() {}

    /**
     * Which date each content gets after one is lost.
     *
     * @param dates how many dates the unit had
     * @param lost index of the one that is lost, below dates
     * @return for each content in order the index of its date; the last one gets the index {@code dates}, a new date at the end
     */
    public static List<Integer> along(int dates, int lost) {
        if (lost < 0 || lost >= dates)
            throw new IllegalArgumentException(
                    "The unit has %d lessons; there is none at %d to lose.".formatted(dates, lost));
        List<Integer> date = new ArrayList<>();
        for (int content = 0; content < dates; content++) date.add(content < lost ? content : content + 1);
        return date;
    }
}
