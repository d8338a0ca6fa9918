package io.isokinet.server.unit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A lesson's row as it was or is. */
record LessonCopy(
        UUID id,
        int position,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        UUID spaceId,
        LessonState state) {
    static LessonCopy of(LessonRow row) {
        return new LessonCopy(
                row.id(), row.position(), row.onDate(), row.starts(), row.minutes(), row.spaceId(), row.state());
    }

    /** Makes a row what it was. */
    void restore(LessonRow row) {
        row.stand(position);
        row.moveTo(onDate, starts, minutes, spaceId);
        row.become(state);
    }
}
