package io.isokinet.server.place;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "cupboard_item")
class CupboardItem extends Owned {
    @Column(name = "item_key")
    String itemKey;

    /** Usable pieces. */
    int count;

    /** Flat and broken ones; they are not among the usable. */
    int broken;

    /** Where it is kept. */
    String storage = "";

    /** What a thing of the school's own is like; null for a thing of the kit list. */
    @JdbcTypeCode(SqlTypes.JSON)
    Cupboards.@Nullable OwnThing properties;

    @Column(name = "counted_at")
    @Nullable
    Instant countedAt;

    @SuppressWarnings("NullAway.Init")
    protected CupboardItem() {}

    CupboardItem(UUID id, String itemKey) {
        super(id);
        this.itemKey = itemKey;
    }

    @Override
    public String logName() {
        return "cupboard: " + itemKey;
    }
}
