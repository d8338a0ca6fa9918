package io.isokinet.server.school;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;

/** A side that was found out; assumed ones are computed, never stored. */
@Entity
@Table(name = "child_side")
class ChildSide extends Owned {
    @Column(name = "child_id")
    UUID childId;

    @Enumerated(EnumType.STRING)
    Action action;

    @Enumerated(EnumType.STRING)
    Side side;

    @SuppressWarnings("NullAway.Init")
    protected ChildSide() {}

    ChildSide(UUID id, UUID childId, Action action, Side side) {
        super(id);
        this.childId = childId;
        this.action = action;
        this.side = side;
    }

    @Override
    public String logName() {
        return "side of a child";
    }

    @Override
    public boolean logsValues() {
        return false;
    }
}
