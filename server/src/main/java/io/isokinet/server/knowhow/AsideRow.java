package io.isokinet.server.knowhow;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A skill or activity that a school has set aside. */
@Entity
@Table(name = "set_aside")
class AsideRow extends Owned {
    @Column(updatable = false)
    String key;

    @SuppressWarnings("NullAway.Init")
    protected AsideRow() {}

    AsideRow(UUID id, String key) {
        super(id);
        this.key = key;
    }

    @Override
    public @Nullable String logName() {
        return "set aside " + key;
    }
}
