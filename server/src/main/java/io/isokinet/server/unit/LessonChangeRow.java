package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "lesson_change")
class LessonChangeRow extends Owned {
    static final int SCHEMA = 1;

    @Column(name = "lesson_id")
    private UUID lessonId;

    @Enumerated(EnumType.STRING)
    private LessonChangeForm.Kind kind;

    private String why;

    @JdbcTypeCode(SqlTypes.JSON)
    private Body body;

    @Column(name = "body_schema")
    private int bodySchema;

    @Column(name = "by_person")
    private UUID byPerson;

    private Instant at;

    @Column(name = "undone_at")
    private @Nullable Instant undoneAt;

    @SuppressWarnings("NullAway.Init")
    protected LessonChangeRow() {}

    LessonChangeRow(UUID id, UUID lessonId, LessonChangeForm form, Body body, UUID byPerson, Instant at) {
        super(id);
        this.lessonId = lessonId;
        this.kind = LessonChangeForm.kind(form);
        this.why = form.why() == null ? "" : form.why().strip();
        this.body = body;
        this.bodySchema = SCHEMA;
        this.byPerson = byPerson;
        this.at = at;
    }

    /**
     * What it did, so that it can be taken back.
     *
     * @param words a sentence each
     * @param units that it changed: the lesson's own first
     */
    record Body(List<String> words, List<UnitCopy> units) {}

    /** A unit before and after. */
    record UnitCopy(UUID unit, UUID headBefore, UUID headAfter, List<LessonCopy> before, List<LessonCopy> after) {}

    UUID lessonId() {
        return lessonId;
    }

    LessonChangeForm.Kind kind() {
        return kind;
    }

    String why() {
        return why;
    }

    Body body() {
        return body;
    }

    Instant at() {
        return at;
    }

    boolean isUndone() {
        return undoneAt != null;
    }

    void undo(Instant now) {
        undoneAt = now;
    }

    @Override
    public String logName() {
        return "lesson " + kind.label();
    }
}
