package io.isokinet.server.knowhow;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A pack of a school: the one it writes itself, or one it took from elsewhere, at the version in force. */
@Entity
@Table(name = "school_pack")
class PackRow extends Owned {
    @Column(updatable = false)
    String name;

    String title;
    int number;

    @Column(updatable = false)
    boolean own;

    String sha256;

    @SuppressWarnings("NullAway.Init")
    protected PackRow() {}

    PackRow(UUID id, String name, boolean own) {
        super(id);
        this.name = name;
        this.own = own;
    }

    @Override
    public @Nullable String logName() {
        return "pack " + title;
    }
}
