package io.isokinet.core.calendar;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A slot on a day.
 *
 * @param off why there can be no lesson; null if there can
 */
public record Occurrence(Slot slot, LocalDate day, @Nullable String off) {
    public boolean open() {
        return off == null;
    }
}
