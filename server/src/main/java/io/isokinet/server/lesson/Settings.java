package io.isokinet.server.lesson;

import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was changed by hand about the lay-out of segments. */
@Service
class Settings {
    interface Rows extends JpaRepository<SettingRow, UUID> {
        List<SettingRow> findByLessonId(UUID lessonId);

        Optional<SettingRow> findBySegmentId(UUID segmentId);
    }

    private final Rows rows;
    private final Lessons lessons;

    Settings(Rows rows, Lessons lessons) {
        this.rows = rows;
        this.lessons = lessons;
    }

    /** By segment; those of another activity than it is now are passed over. */
    Map<UUID, Setting> of(InHand lesson) {
        Map<UUID, String> now = new HashMap<>();
        lesson.stretches()
                .forEach(s -> now.put(s.view().id(), s.segment().activity().key()));
        Map<UUID, Setting> set = new HashMap<>();
        for (SettingRow row : rows.findByLessonId(lesson.lesson()))
            if (row.activity.equals(now.get(row.segmentId))) set.put(row.segmentId, row.body);
        return set;
    }

    /** @throws NotFoundException if the lesson has no such segment */
    @Transactional
    void put(UUID lessonId, UUID segmentId, Setting setting) {
        InHand lesson = lessons.inHand(lessonId);
        String activity = lesson.stretches().stream()
                .filter(s -> s.view().id().equals(segmentId))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("segment", segmentId))
                .segment()
                .activity()
                .key();
        Optional<SettingRow> known = rows.findBySegmentId(segmentId);
        if (setting.equals(Setting.USUAL)) {
            known.ifPresent(rows::delete);
            return;
        }
        SettingRow row = known.orElseGet(() -> new SettingRow(Ids.next(), lessonId, segmentId, activity, setting));
        row.lessonId = lessonId;
        row.activity = activity;
        row.body = setting;
        rows.saveAndFlush(row);
    }
}
