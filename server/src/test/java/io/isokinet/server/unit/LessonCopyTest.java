package io.isokinet.server.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LessonCopyTest {
    /** A change from before kit could be shared is still on top, and can be taken back. */
    @Test
    void aCopyOfAnEarlierSchemaIsLikeOneOfToday() {
        LessonForm form = new LessonForm(LocalDate.of(2026, 11, 30), null, 30, UUID.randomUUID());
        LessonRow row = new LessonRow(UUID.randomUUID(), UUID.randomUUID(), 2, form);
        LessonCopy now = LessonCopy.of(row);
        LessonCopy earlier = new LessonCopy(
                row.id(),
                row.position(),
                row.onDate(),
                row.starts(),
                row.minutes(),
                row.spaceId(),
                row.state(),
                null,
                null);
        assertThat(earlier).isEqualTo(now);
        row.have(50);
        assertThat(earlier).isNotEqualTo(LessonCopy.of(row));
        earlier.restore(row);
        assertThat(LessonCopy.of(row)).isEqualTo(earlier);
    }
}
