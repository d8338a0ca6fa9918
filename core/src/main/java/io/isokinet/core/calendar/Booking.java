package io.isokinet.core.calendar;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * Somebody else's use of a place, in the school's own time.
 *
 * @param ends excluded
 */
public record Booking(String title, String place, LocalDateTime starts, LocalDateTime ends) {
    /** True if it takes the place at any moment of a lesson. */
    public boolean takes(String wanted, LocalDate day, LocalTime from, LocalTime to) {
        return place.equals(wanted) && starts.isBefore(day.atTime(to)) && ends.isAfter(day.atTime(from));
    }
}
