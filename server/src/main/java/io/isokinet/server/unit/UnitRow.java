package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "unit")
@SQLRestriction("removed_at is null")
class UnitRow extends Owned {
    @Column(name = "class_id")
    private UUID classId;

    private String title;

    /** Null only while the unit is being made. */
    @Column(name = "head_revision")
    private @Nullable UUID head;

    /** Null while it is there. */
    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    @SuppressWarnings("NullAway.Init")
    protected UnitRow() {}

    UnitRow(UUID id, UUID classId, String title) {
        super(id);
        this.classId = classId;
        this.title = title;
    }

    UUID classId() {
        return classId;
    }

    String title() {
        return title;
    }

    void rename(String other) {
        title = other;
    }

    /** Takes it away, or brings it back. */
    void remove(@Nullable Instant at) {
        removedAt = at;
    }

    /** @throws IllegalStateException if it is there */
    Instant gone() {
        if (removedAt == null) throw new IllegalStateException("The unit %s was not removed.".formatted(id()));
        return removedAt;
    }

    /** The revision in force; null only while the unit is being made. */
    @Nullable
    UUID head() {
        return head;
    }

    /** Puts another of its revisions in force. */
    void follow(UUID revision) {
        head = revision;
    }

    @Override
    public String logName() {
        return "unit " + title;
    }
}
