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

    /** What the log of changes calls this row, such as "class Dunlins"; null keeps it out of the log. */
    public @Nullable String logName() {
        return null;
    }

    /** False for a row that comes along with another one, whose own entry says enough. */
    public boolean logsAdding() {
        return true;
    }

    /** True if its values may stand in the log; false for what can be erased. */
    public boolean logsValues() {
        return true;
    }

    /** Null until it is saved. */
    public @Nullable Integer version() {
        return version;
    }
}
