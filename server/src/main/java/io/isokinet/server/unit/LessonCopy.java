package io.isokinet.server.unit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lesson's row as it was or is.
 *
 * @param kit percent; left out in copies of earlier schemas, for the whole
 * @param withClass another class that comes along
 */
record LessonCopy(
        UUID id,
        int position,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        UUID spaceId,
        LessonState state,
        @Nullable Integer kit,
        @Nullable UUID withClass) {
    private static final int WHOLE = 100;

    /** A copy of an earlier schema is like one of today, so that a change from before can still be taken back. */
    LessonCopy {
        if (kit == null) kit = WHOLE;
    }

    static LessonCopy of(LessonRow row) {
        return new LessonCopy(
                row.id(),
                row.position(),
                row.onDate(),
                row.starts(),
                row.minutes(),
                row.spaceId(),
                row.state(),
                row.kit(),
                row.withClass());
    }

    /** Makes a row what it was. */
    void restore(LessonRow row) {
        row.stand(position);
        row.moveTo(onDate, starts, minutes, spaceId);
        row.become(state);
        row.have(kit == null ? WHOLE : kit);
        row.takeAlong(withClass);
    }
}
