package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "school_class")
class SchoolClass extends Owned {
    String name;

    @Column(name = "year_age")
    int yearAge;

    /** Minutes of a lesson that go into changing, both ends together. */
    @Column(name = "changing_minutes")
    int changingMinutes;

    /** The same for shoes. */
    @Column(name = "shoes_minutes")
    int shoesMinutes;

    /** The day it left the school; null while it is there. */
    @Column(name = "left_on")
    @Nullable
    LocalDate leftOn;

    /** Its id in the roster that it came by; null if it came by none. */
    @Column(name = "source_id")
    @Nullable
    String sourceId;

    @SuppressWarnings("NullAway.Init")
    protected SchoolClass() {}

    SchoolClass(UUID id, String name, int yearAge) {
        super(id);
        this.name = name;
        this.yearAge = yearAge;
    }

    @Override
    public String logName() {
        return "class " + name;
    }
}
