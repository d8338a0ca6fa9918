package io.isokinet.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.jspecify.annotations.Nullable;

/** A row that belongs to a school. Its id is made by whoever creates it. */
@MappedSuperclass
public abstract class Owned {
    @Id
    private UUID id;

    @TenantId
    @Column(name = "school_id")
    private @Nullable UUID schoolId;

    @Version
    private @Nullable Integer version;

    /** For Hibernate. */
    @SuppressWarnings("NullAway.Init")
    protected Owned() {}

    protected Owned(UUID id) {
        this.id = id;
    }

    public UUID id() {
        return id;
    }

    /** Null until it is saved. */
    public @Nullable Integer version() {
        return version;
    }
}
