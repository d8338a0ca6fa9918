package io.isokinet.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalTime;

/**
 * A lesson in the timetable.
 *
 * @param key whatever identifies it to the caller
 * @param group the class
 * @param minutes in the timetable, {@value #LEAST} to {@value #MOST}
 * @param place where it is
 */
public record Slot(String key, String group, DayOfWeek day, Weeks weeks, LocalTime starts, int minutes, String place) {
    public static final int LEAST = 10;
    public static final int MOST = 120;

    public Slot {
        if (minutes < LEAST || minutes > MOST)
            throw new IllegalArgumentException(
                    "A lesson has %d to %d minutes in the timetable, not %d; give two lessons if it is longer."
                            .formatted(LEAST, MOST, minutes));
        if (starts.toSecondOfDay() / 60 + minutes >= 24 * 60)
            throw new IllegalArgumentException(
                    "A lesson of %d minutes at %s goes past midnight; start it earlier.".formatted(minutes, starts));
    }

    public LocalTime ends() {
        return starts.plusMinutes(minutes);
    }

    /** True if both are at one time in one week; that they only touch is not enough. */
    public boolean clashes(Slot other) {
        return day == other.day
                && weeks.meets(other.weeks)
                && starts.isBefore(other.ends())
                && other.starts.isBefore(ends());
    }
}
