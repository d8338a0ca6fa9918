package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "school_class")
class SchoolClass extends Owned {
    String name;

    @Column(name = "year_age")
    int yearAge;

    @SuppressWarnings("NullAway.Init")
    protected SchoolClass() {}

    SchoolClass(UUID id, String name, int yearAge) {
        super(id);
        this.name = name;
        this.yearAge = yearAge;
    }
}
