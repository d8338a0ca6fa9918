package io.isokinet.server.unit;

import io.isokinet.core.unit.Score;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A plan of a unit as it was at one time. */
@Entity
@Immutable
@Table(name = "unit_revision")
class RevisionRow extends Owned {
    @Column(name = "unit_id")
    private UUID unitId;

    private @Nullable UUID parent;

    @Column(name = "by_person")
    private UUID byPerson;

    private Instant at;

    @Enumerated(EnumType.STRING)
    private RevisionKind kind;

    private String cause;

    private String reason;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> packs;

    private int effort;
    private long hard;
    private long medium;
    private long soft;

    @JdbcTypeCode(SqlTypes.JSON)
    private UnitBody body;

    @Column(name = "body_schema")
    private int bodySchema;

    @SuppressWarnings("NullAway.Init")
    protected RevisionRow() {}

    /** @param parent that it was made from; null for the first one and for a proposal */
    RevisionRow(UUID id, UUID unitId, @Nullable UUID parent, UUID byPerson, Instant at, Made made, List<String> packs) {
        super(id);
        this.unitId = unitId;
        this.parent = parent;
        this.byPerson = byPerson;
        this.at = at;
        this.kind = made.kind();
        this.cause = made.cause();
        this.reason = made.reason();
        this.packs = packs;
        this.effort = made.evaluations();
        this.hard = made.score().hard();
        this.medium = made.score().medium();
        this.soft = made.score().soft();
        this.body = made.body();
        this.bodySchema = UnitBody.SCHEMA;
    }

    /**
     * What a revision is made of.
     *
     * @param cause in words: "Planned", "Moved Tide Line" @param reason what was asked for, in sentences; empty if nothing in particular
     * @param evaluations whole plans that were scored for it
     */
    record Made(RevisionKind kind, String cause, String reason, UnitBody body, Score score, int evaluations) {
        Made(RevisionKind kind, String cause, UnitBody body, Score score) {
            this(kind, cause, "", body, score, 1);
        }
    }

    UUID unitId() {
        return unitId;
    }

    @Nullable
    UUID parent() {
        return parent;
    }

    RevisionKind kind() {
        return kind;
    }

    UUID byPerson() {
        return byPerson;
    }

    Instant at() {
        return at;
    }

    String cause() {
        return cause;
    }

    /** What was asked for, in sentences; empty if nothing in particular. */
    String reason() {
        return reason;
    }

    /** Its cause and what was asked for, as a list of versions names it. */
    String label() {
        return reason.isEmpty() ? cause : cause + ": " + reason;
    }

    /** Of the know-how that it was planned with, by SHA-256. */
    List<String> packs() {
        return packs;
    }

    Score score() {
        return new Score(hard, medium, soft);
    }

    UnitBody body() {
        return body;
    }

    boolean isProposal() {
        return kind == RevisionKind.PROPOSED;
    }

    @Override
    public String logName() {
        return "plan of a unit: " + cause;
    }
}
