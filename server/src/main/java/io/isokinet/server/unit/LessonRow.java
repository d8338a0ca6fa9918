package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "lesson")
class LessonRow extends Owned {
    @Column(name = "unit_id")
    UUID unitId;

    int position;

    @Column(name = "on_date")
    LocalDate onDate;

    /** Usable minutes. */
    int minutes;

    @Column(name = "space_id")
    UUID spaceId;

    @Enumerated(EnumType.STRING)
    LessonState state;

    @SuppressWarnings("NullAway.Init")
    protected LessonRow() {}

    LessonRow(UUID id, UUID unitId, int position, LocalDate onDate, int minutes, UUID spaceId) {
        super(id);
        this.unitId = unitId;
        this.position = position;
        this.onDate = onDate;
        this.minutes = minutes;
        this.spaceId = spaceId;
        this.state = LessonState.PLANNED;
    }
}
