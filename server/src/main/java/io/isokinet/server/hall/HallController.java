package io.isokinet.server.hall;

import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.record.Records;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.util.Set;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/hall")
class HallController {
    private final Lessons lessons;
    private final Marks marks;
    private final Records records;
    private final Schools schools;
    private final KnowHows knowHows;

    HallController(Lessons lessons, Marks marks, Records records, Schools schools, KnowHows knowHows) {
        this.lessons = lessons;
        this.marks = marks;
        this.records = records;
        this.schools = schools;
        this.knowHows = knowHows;
    }

    /** Everything one lesson in the hall needs, in one answer. @param away children registered as away */
    record HallView(LessonPlan lesson, Grid grid, Set<UUID> away, String pack) {}

    @GetMapping("/{lesson}")
    @Transactional(readOnly = true)
    public HallView hall(@PathVariable UUID lesson) {
        LessonPlan plan = lessons.plan(lesson);
        return new HallView(
                plan,
                marks.grid(plan.classId(), plan.cueSets(), schools.today()),
                records.away(lesson),
                knowHows.sha256());
    }
}
