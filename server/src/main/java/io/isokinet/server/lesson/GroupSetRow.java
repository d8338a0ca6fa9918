package io.isokinet.server.lesson;

import io.isokinet.core.group.GroupWay;
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

/** How a class is grouped from a time on. */
@Entity
@Table(name = "group_set")
class GroupSetRow extends Owned {
    @Column(name = "class_id")
    UUID classId;

    /** Null for groups made by hand. */
    @Enumerated(EnumType.STRING)
    @Nullable
    GroupWay way;

    /** Children by group. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<List<String>> groups;

    @Column(name = "made_at")
    Instant madeAt;

    @Column(name = "made_by")
    UUID madeBy;

    @SuppressWarnings("NullAway.Init")
    protected GroupSetRow() {}

    GroupSetRow(UUID id, UUID classId, @Nullable GroupWay way, List<List<String>> groups, Instant madeAt, UUID madeBy) {
        super(id);
        this.classId = classId;
        this.way = way;
        this.groups = groups;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }
}
