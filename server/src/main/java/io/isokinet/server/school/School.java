package io.isokinet.server.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.ZoneId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class School {
    @Id
    UUID id;

    String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "year_naming")
    YearNaming yearNaming;

    @Column(name = "time_zone")
    String timeZone;

    @Version
    @Nullable
    Integer version;

    @SuppressWarnings("NullAway.Init")
    protected School() {}

    School(UUID id, String name, YearNaming yearNaming, ZoneId zone) {
        this.id = id;
        this.name = name;
        this.yearNaming = yearNaming;
        this.timeZone = zone.getId();
    }
}
