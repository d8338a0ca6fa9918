package io.isokinet.server.place;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "cupboard_item")
class CupboardItem extends Owned {
    @Column(name = "item_key")
    String itemKey;

    /** Usable pieces; flat and broken ones are not counted. */
    int count;

    @SuppressWarnings("NullAway.Init")
    protected CupboardItem() {}

    CupboardItem(UUID id, String itemKey, int count) {
        super(id);
        this.itemKey = itemKey;
        this.count = count;
    }
}
