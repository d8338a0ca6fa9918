package io.isokinet.server.calendar;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An address that other people's use of a place is read from. */
@Entity
@Table(name = "calendar_subscription")
class SubscriptionRow extends Owned {
    @Column(name = "space_id")
    UUID spaceId;

    String address;

    /** When it was last read whole; null if it never was. */
    @Column(name = "read_at")
    @Nullable
    Instant readAt;

    /** Why it could not be read the last time; null if it could. */
    @Nullable
    String problem;

    @SuppressWarnings("NullAway.Init")
    protected SubscriptionRow() {}

    SubscriptionRow(UUID id, UUID spaceId, String address) {
        super(id);
        this.spaceId = spaceId;
        this.address = address;
    }
}
