package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "lesson")
class LessonRow extends Owned {
    @Column(name = "unit_id")
    UUID unitId;

    int position;

    @Column(name = "on_date")
    LocalDate onDate;

    /** Null if no time was said. */
    @Nullable
    LocalTime starts;

    /** Usable minutes. */
    int minutes;

    @Column(name = "space_id")
    UUID spaceId;

    @Enumerated(EnumType.STRING)
    LessonState state;

    @SuppressWarnings("NullAway.Init")
    protected LessonRow() {}

    LessonRow(UUID id, UUID unitId, int position, Units.LessonForm form) {
        super(id);
        this.unitId = unitId;
        this.position = position;
        this.onDate = form.onDate();
        this.starts = form.starts();
        this.minutes = form.minutes();
        this.spaceId = form.spaceId();
        this.state = LessonState.PLANNED;
    }

    @Override
    public String logName() {
        return "lesson %d of a unit".formatted(position + 1);
    }

    @Override
    public boolean logsAdding() {
        return false;
    }
}
