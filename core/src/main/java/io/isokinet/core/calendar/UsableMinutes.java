package io.isokinet.core.calendar;

import java.util.ArrayList;
import java.util.List;

/**
 * What is left of the minutes in the timetable to teach in.
 *
 * @param minutes left, zero or more
 * @param reason the sum in words
 */
public record UsableMinutes(int minutes, String reason) {
    /**
     * Walking counts twice, there and back.
     *
     * @param timetabled minutes in the timetable
     * @param walking minutes one way
     * @param changing minutes for changing, both ends together
     * @param shoes minutes for shoes, both ends together
     */
    public static UsableMinutes of(int timetabled, int walking, int changing, int shoes) {
        List<String> less = new ArrayList<>();
        if (walking > 0) less.add("%d for walking there and back".formatted(2 * walking));
        if (changing > 0) less.add("%d for changing".formatted(changing));
        if (shoes > 0) less.add("%d for shoes".formatted(shoes));
        int left = Math.max(0, timetabled - 2 * walking - changing - shoes);
        String sum = less.isEmpty() ? "nothing taken off" : "less " + String.join(", ", less);
        return new UsableMinutes(left, "%d min in the timetable, %s: %d to teach in.".formatted(timetabled, sum, left));
    }
}
