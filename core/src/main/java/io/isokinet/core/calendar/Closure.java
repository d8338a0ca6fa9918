package io.isokinet.core.calendar;

import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/**
 * Days, or the ends of days, without lessons.
 *
 * @param from lessons that end after this time do not take place: a day that ends at noon; null if the whole day is off
 */
public record Closure(String name, Days days, @Nullable LocalTime from) {
    /** True if a lesson at that time cannot take place. */
    public boolean closes(java.time.LocalDate day, LocalTime ends) {
        return days.contains(day) && (from == null || ends.isAfter(from));
    }
}
