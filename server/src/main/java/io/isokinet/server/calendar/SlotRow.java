package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Slot;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.UUID;

@Entity
@Table(name = "timetable_slot")
class SlotRow extends Owned {
    @Column(name = "class_id")
    UUID classId;

    @Enumerated(EnumType.STRING)
    DayOfWeek weekday;

    @Enumerated(EnumType.STRING)
    Weeks weeks;

    LocalTime starts;

    /** In the timetable. */
    int minutes;

    @Column(name = "space_id")
    UUID spaceId;

    @SuppressWarnings("NullAway.Init")
    protected SlotRow() {}

    SlotRow(UUID id) {
        super(id);
    }

    Slot toSlot() {
        return new Slot(id().toString(), classId.toString(), weekday, weeks, starts, minutes, spaceId.toString());
    }

    @Override
    public String logName() {
        return "timetable, %s %s".formatted(weekday.name().toLowerCase(java.util.Locale.ROOT), starts);
    }
}
