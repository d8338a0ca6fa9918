package io.isokinet.server.unit;

import io.isokinet.core.unit.Score;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** Immutable once written. */
@Entity
@Table(name = "unit_revision")
class RevisionRow extends Owned {
    @Column(name = "unit_id")
    UUID unitId;

    @Nullable
    UUID parent;

    @Nullable
    UUID merged;

    @Column(name = "by_person")
    UUID byPerson;

    Instant at;

    /** What made it, in words: "Planned", "Moved Tide Line". */
    String cause;

    @JdbcTypeCode(SqlTypes.JSON)
    String packs;

    int effort;
    long hard;
    long medium;
    long soft;

    @JdbcTypeCode(SqlTypes.JSON)
    String body;

    @Column(name = "body_schema")
    int bodySchema;

    @SuppressWarnings("NullAway.Init")
    protected RevisionRow() {}

    RevisionRow(
            UUID id,
            UUID unitId,
            @Nullable UUID parent,
            UUID byPerson,
            Instant at,
            String cause,
            String packs,
            int effort,
            Score score,
            String body) {
        super(id);
        this.unitId = unitId;
        this.parent = parent;
        this.byPerson = byPerson;
        this.at = at;
        this.cause = cause;
        this.packs = packs;
        this.effort = effort;
        this.hard = score.hard();
        this.medium = score.medium();
        this.soft = score.soft();
        this.body = body;
        this.bodySchema = UnitBody.SCHEMA;
    }

    @Override
    public String logName() {
        return "plan of a unit: " + cause;
    }
}
