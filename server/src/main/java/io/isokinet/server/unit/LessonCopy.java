package io.isokinet.server.unit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lesson's row as it was or is.
 *
 * @param kit null for the whole, as in copies of earlier schemas
 */
record LessonCopy(
        UUID id,
        int position,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        UUID spaceId,
        LessonState state,
        @Nullable Integer kit) {
    static LessonCopy of(LessonRow row) {
        return new LessonCopy(
                row.id(),
                row.position(),
                row.onDate(),
                row.starts(),
                row.minutes(),
                row.spaceId(),
                row.state(),
                row.kit());
    }

    /** Makes a row what it was. */
    void restore(LessonRow row) {
        row.stand(position);
        row.moveTo(onDate, starts, minutes, spaceId);
        row.become(state);
        row.have(kit == null ? 100 : kit);
    }
}
