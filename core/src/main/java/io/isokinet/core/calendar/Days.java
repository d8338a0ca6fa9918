package io.isokinet.core.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Days in a row, the first and the last included. */
public record Days(LocalDate first, LocalDate last) {
    public Days {
        if (last.isBefore(first))
            throw new IllegalArgumentException(
                    "The last day (%s) is before the first (%s). Maybe swap them?".formatted(last, first));
    }

    public boolean contains(LocalDate day) {
        return !day.isBefore(first) && !day.isAfter(last);
    }

    public boolean overlaps(Days other) {
        return !last.isBefore(other.first) && !other.last.isBefore(first);
    }

    /** How many days, at least one. */
    public long count() {
        return ChronoUnit.DAYS.between(first, last) + 1;
    }
}
