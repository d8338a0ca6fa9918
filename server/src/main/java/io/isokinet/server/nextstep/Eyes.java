package io.isokinet.server.nextstep;

import io.isokinet.core.nextstep.OwnLooks;
import io.isokinet.server.eye.OwnEyes;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.record.Records;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.LessonPlan;
import io.isokinet.server.unit.Lessons.PlannedSegment;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How many looks one pair of eyes makes with a class. */
@Component
public class Eyes {
    /** How far back lessons say something. */
    static final int WEEKS = 8;

    private final Lessons lessons;
    private final Records records;
    private final OwnEyes ownEyes;

    Eyes(Lessons lessons, Records records, OwnEyes ownEyes) {
        this.ownEyes = ownEyes;
        this.lessons = lessons;
        this.records = records;
    }

    /** Learnt from the lessons that were taught up to a day. */
    @Transactional(readOnly = true)
    public OwnLooks of(Grid grid, LocalDate until) {
        return of(grid, lessons.taught(grid.classId(), until.minusWeeks(WEEKS), until));
    }

    /** Learnt from these lessons of a class. */
    OwnLooks of(Grid grid, List<LessonPlan> taught) {
        Map<UUID, Integer> made = records.looks(
                grid.rows().stream().map(r -> r.child().id()).toList(),
                taught.stream().map(LessonPlan::lesson).toList());
        return OwnLooks.of(
                taught.stream()
                        .map(l -> new OwnLooks.Lesson(planned(l), made.getOrDefault(l.lesson(), 0)))
                        .toList(),
                ownEyes.secondsALook());
    }

    /** Looks that are planned where a cue is worked on. */
    static int planned(LessonPlan lesson) {
        return lesson.segments().stream()
                .filter(s -> !s.focus().isEmpty())
                .mapToInt(PlannedSegment::looks)
                .sum();
    }
}
