package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Closure;
import io.isokinet.core.calendar.Days;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "closure")
class ClosureRow extends Owned {
    String name;

    @Column(name = "first_day")
    LocalDate firstDay;

    @Column(name = "last_day")
    LocalDate lastDay;

    /** The day ends early, at this time; null if the whole day is off. */
    @Column(name = "from_time")
    @Nullable
    LocalTime fromTime;

    @SuppressWarnings("NullAway.Init")
    protected ClosureRow() {}

    ClosureRow(UUID id) {
        super(id);
    }

    Closure toClosure() {
        return new Closure(name, new Days(firstDay, lastDay), fromTime);
    }

    @Override
    public String logName() {
        return "closure " + name;
    }
}
