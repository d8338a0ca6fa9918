package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "lesson_change")
class LessonChangeRow extends Owned {
    @Column(name = "lesson_id")
    UUID lessonId;

    @Enumerated(EnumType.STRING)
    LessonChanges.Kind kind;

    String why;

    @JdbcTypeCode(SqlTypes.JSON)
    String body;

    @Column(name = "body_schema")
    int bodySchema;

    @Column(name = "by_person")
    UUID byPerson;

    Instant at;

    @Column(name = "undone_at")
    @Nullable
    Instant undoneAt;

    @SuppressWarnings("NullAway.Init")
    protected LessonChangeRow() {}

    LessonChangeRow(
            UUID id, UUID lessonId, LessonChanges.Kind kind, String why, String body, UUID byPerson, Instant at) {
        super(id);
        this.lessonId = lessonId;
        this.kind = kind;
        this.why = why;
        this.body = body;
        this.bodySchema = LessonChanges.SCHEMA;
        this.byPerson = byPerson;
        this.at = at;
    }

    @Override
    public String logName() {
        return "lesson " + kind.label();
    }
}
