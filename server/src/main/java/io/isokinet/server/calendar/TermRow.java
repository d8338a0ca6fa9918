package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.Term;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "term")
class TermRow extends Owned {
    String name;

    @Column(name = "first_day")
    LocalDate firstDay;

    @Column(name = "last_day")
    LocalDate lastDay;

    @SuppressWarnings("NullAway.Init")
    protected TermRow() {}

    TermRow(UUID id) {
        super(id);
    }

    Term toTerm() {
        return new Term(name, new Days(firstDay, lastDay));
    }

    @Override
    public String logName() {
        return "term " + name;
    }
}
