package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Enrolment extends Owned {
    @Column(name = "class_id")
    UUID classId;

    @Column(name = "child_id")
    UUID childId;

    @Column(name = "from_day")
    LocalDate fromDay;

    /** The last day; null while it lasts. */
    @Column(name = "to_day")
    @Nullable
    LocalDate toDay;

    @SuppressWarnings("NullAway.Init")
    protected Enrolment() {}

    Enrolment(UUID id, UUID classId, UUID childId, LocalDate fromDay) {
        super(id);
        this.classId = classId;
        this.childId = childId;
        this.fromDay = fromDay;
    }

    @Override
    public String logName() {
        return "enrolment of a child";
    }

    @Override
    public boolean logsAdding() {
        return false;
    }
}
