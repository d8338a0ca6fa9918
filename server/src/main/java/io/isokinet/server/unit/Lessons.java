package io.isokinet.server.unit;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.thing.Need;
import io.isokinet.core.unit.Segment;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One lesson as it will be taught, for those who teach and record it. */
@Service
public class Lessons {
    private final Units units;

    Lessons(Units units) {
        this.units = units;
    }

    /** @param setting where a trial in it is seen */
    public record Taught(
            UUID id, String name, int minutes, Setting setting, List<String> introduces, List<String> focus) {}

    /** @param cueSets of the unit, one a skill */
    public record LessonPlan(
            UUID lesson,
            UUID unit,
            UUID classId,
            String title,
            int number,
            int of,
            LocalDate onDate,
            LessonState state,
            List<String> cueSets,
            List<Taught> segments) {}

    @Transactional(readOnly = true)
    public LessonPlan plan(UUID lessonId) {
        Units.Loaded unit = units.loadByLesson(lessonId);
        LessonRow lesson = unit.lessons().stream()
                .filter(l -> l.id().equals(lessonId))
                .findFirst()
                .orElseThrow();
        int planned = unit.planned().indexOf(lesson);
        List<Segment> segments = planned < 0 ? List.of() : unit.plan().lessons().get(planned);
        return new LessonPlan(
                lessonId,
                unit.row().id(),
                unit.row().classId,
                unit.row().title,
                lesson.position + 1,
                unit.lessons().size(),
                lesson.onDate,
                lesson.state,
                unit.body().targets().stream().map(UnitBody.TargetBody::cueSet).toList(),
                segments.stream()
                        .map(s -> new Taught(
                                UUID.fromString(s.id()),
                                s.activity().name(),
                                s.minutes(),
                                setting(s),
                                s.introduces(),
                                s.focus()))
                        .toList());
    }

    /** Shape: no object on the first rung. Game: play. Drill: the rest. */
    private static Setting setting(Segment segment) {
        if (segment.serves(LessonPhase.PLAY)) return Setting.GAME;
        boolean object = segment.activity().needs().stream().anyMatch(n -> n.role() == Need.Role.SENT);
        return segment.level() == 1 && !object ? Setting.SHAPE : Setting.DRILL;
    }
}
