package io.isokinet.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Read before a school is in scope, so it names its school itself. */
@Entity
class Membership {
    @Id
    UUID id;

    @Column(name = "school_id")
    UUID schoolId;

    @Column(name = "person_id")
    UUID personId;

    @Enumerated(EnumType.STRING)
    Role role;

    /** Null while it lasts. */
    @Column(name = "ended_at")
    @Nullable
    Instant endedAt;

    @Version
    @Nullable
    Integer version;

    @SuppressWarnings("NullAway.Init")
    protected Membership() {}

    Membership(UUID id, UUID schoolId, UUID personId, Role role) {
        this.id = id;
        this.schoolId = schoolId;
        this.personId = personId;
        this.role = role;
    }
}
