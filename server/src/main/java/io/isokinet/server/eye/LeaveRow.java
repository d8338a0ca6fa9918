package io.isokinet.server.eye;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Somebody's leave to read the own looks by what the own rounds tell. */
@Entity
@Table(name = "eye_leave")
class LeaveRow extends Owned {
    @Column(name = "person_id")
    private UUID person;

    private Instant at;

    @SuppressWarnings("NullAway.Init")
    protected LeaveRow() {}

    LeaveRow(UUID id, UUID person, Instant at) {
        super(id);
        this.person = person;
        this.at = at;
    }
}
