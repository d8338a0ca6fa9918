package io.isokinet.server.lesson;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What was changed by hand about how a segment is laid out. */
@Entity
@Table(name = "segment_setting")
class SettingRow extends Owned {
    @Column(name = "lesson_id")
    UUID lessonId;

    @Column(name = "segment_id")
    UUID segmentId;

    /** It holds only as long as the segment is this activity. */
    String activity;

    @JdbcTypeCode(SqlTypes.JSON)
    Setting body;

    @SuppressWarnings("NullAway.Init")
    protected SettingRow() {}

    SettingRow(UUID id, UUID lessonId, UUID segmentId, String activity, Setting body) {
        super(id);
        this.lessonId = lessonId;
        this.segmentId = segmentId;
        this.activity = activity;
        this.body = body;
    }
}
