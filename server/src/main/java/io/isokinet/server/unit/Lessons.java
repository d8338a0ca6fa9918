package io.isokinet.server.unit;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need;
import io.isokinet.core.unit.Segment;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.school.Classes.ClassView;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One lesson as it will be taught, for those who teach and record it. */
@Service
public class Lessons {
    private final Units units;
    private final Units.LessonRows rows;
    private final Calendars calendars;

    Lessons(Units units, Units.LessonRows rows, Calendars calendars) {
        this.units = units;
        this.rows = rows;
        this.calendars = calendars;
    }

    /**
     * @param skill that is worked on; null for none @param part of the lesson, in words
     * @param changeSeconds of its minutes that go into changing @param turnSeconds of one turn; null where nobody takes turns
     * @param setting where a trial in it is seen @param looks one pair of eyes has in it
     * @param level of its rung, zero without one @param rung in words; null for none
     * @param easier and @param harder the steps beside the one that is set; null where there is none
     */
    public record Taught(
            UUID id,
            String name,
            @Nullable String skill,
            String part,
            int minutes,
            int changeSeconds,
            @Nullable Integer turnSeconds,
            Setting setting,
            List<String> introduces,
            List<String> focus,
            int looks,
            int level,
            @Nullable String rung,
            @Nullable String easier,
            @Nullable String harder) {}

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

    /** A lesson in a list of dates. @param activities by name, in order @param clash what stands in its way; null if nothing does */
    public record Listed(
            UUID lesson,
            UUID unit,
            String title,
            UUID classId,
            int number,
            int of,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            UUID spaceId,
            LessonState state,
            List<String> activities,
            @Nullable String clash) {}

    /** The lessons of these classes on these days, in order. */
    @Transactional(readOnly = true)
    public List<Listed> between(LocalDate first, LocalDate last, Predicate<UUID> classes) {
        SchoolYear year = calendars.year();
        List<Listed> listed = new ArrayList<>();
        rows.findByOnDateBetween(first, last).stream()
                .collect(Collectors.groupingBy(l -> l.unitId))
                .forEach((unitId, lessons) -> units.listing(unitId, classes)
                        .ifPresent(unit -> lessons.forEach(l -> listed.add(new Listed(
                                l.id(),
                                unitId,
                                unit.title(),
                                unit.classId(),
                                l.position + 1,
                                unit.lessons(),
                                l.onDate,
                                l.starts,
                                l.minutes,
                                l.spaceId,
                                l.state,
                                unit.activities(l.id()),
                                LessonChanges.clash(l, year))))));
        listed.sort(Comparator.comparing(Listed::onDate)
                .thenComparing(Listed::starts, Comparator.nullsLast(Comparator.naturalOrder())));
        return listed;
    }

    /** Does nothing if there is such a lesson; for what need not read its plan. @throws NotFoundException if there is none */
    public void require(UUID lessonId) {
        if (!rows.existsById(lessonId)) throw new NotFoundException("lesson", lessonId);
    }

    @Transactional(readOnly = true)
    public LessonPlan plan(UUID lessonId) {
        Units.Loaded unit = units.loadByLesson(lessonId);
        LessonRow lesson = unit.lessons().stream()
                .filter(l -> l.id().equals(lessonId))
                .findFirst()
                .orElseThrow();
        return plan(unit, lesson);
    }

    /** The lessons that a class is still to have on these days, in order; each unit is read once. */
    @Transactional(readOnly = true)
    public List<LessonPlan> coming(UUID classId, LocalDate first, LocalDate last) {
        return inState(classId, first, last, LessonState.PLANNED);
    }

    private List<LessonPlan> inState(UUID classId, LocalDate first, LocalDate last, LessonState state) {
        return rows.findByOnDateBetween(first, last).stream()
                .filter(l -> l.state == state)
                .map(l -> l.unitId)
                .distinct()
                .filter(u -> units.listing(u, classId::equals).isPresent())
                .map(units::load)
                .flatMap(unit -> unit.lessons().stream()
                        .filter(l -> l.state == state && !l.onDate.isBefore(first) && !l.onDate.isAfter(last))
                        .map(l -> plan(unit, l)))
                .sorted(Comparator.comparing(LessonPlan::onDate))
                .toList();
    }

    /** These lessons as they were planned, by id; each unit is read once, and lessons that are gone are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, LessonPlan> plans(Collection<UUID> ids) {
        Map<UUID, LessonPlan> plans = new HashMap<>();
        rows.findAllById(ids).stream()
                .collect(Collectors.groupingBy(l -> l.unitId))
                .forEach((unitId, wanted) -> {
                    Units.Loaded unit = units.load(unitId);
                    unit.lessons().stream()
                            .filter(l -> ids.contains(l.id()))
                            .forEach(l -> plans.put(l.id(), plan(unit, l)));
                });
        return plans;
    }

    /** The lessons of a class that were taught, with their plans, in order. */
    @Transactional(readOnly = true)
    public List<LessonPlan> taught(UUID classId, LocalDate first, LocalDate last) {
        return inState(classId, first, last, LessonState.TAUGHT);
    }

    private static LessonPlan plan(Units.Loaded unit, LessonRow lesson) {
        int planned = unit.planned().indexOf(lesson);
        List<Segment> segments = planned < 0 ? List.of() : unit.plan().lessons().get(planned);
        return new LessonPlan(
                lesson.id(),
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
                                s.works() ? s.activity().skill() : null,
                                part(s),
                                s.minutes(),
                                s.changeSeconds(),
                                s.activity().cycle() == null
                                        ? null
                                        : s.activity().cycle().seconds(),
                                setting(s),
                                s.introduces(),
                                s.focus(),
                                s.looks(),
                                s.level(),
                                s.activity().rung() == null
                                        ? null
                                        : s.activity().rung().label(),
                                s.easier(),
                                s.harder()))
                        .toList());
    }

    /**
     * A lesson with all that it is worked out from.
     *
     * @param head revision of its unit in force, for If-Match
     * @param stretches its segments, each as the plan has it
     */
    public record InHand(
            UUID lesson,
            UUID unit,
            UUID head,
            String unitTitle,
            ClassView schoolClass,
            int number,
            int of,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            UUID spaceId,
            LessonState state,
            List<String> cueSets,
            List<Stretch> stretches,
            KnowHow known,
            Cupboard cupboard,
            Policy policy) {}

    public record Stretch(Segment segment, UnitView.SegmentView view) {}

    @Transactional(readOnly = true)
    public InHand inHand(UUID lessonId) {
        Units.Loaded unit = units.loadByLesson(lessonId);
        List<UUID> ids = unit.lessons().stream().map(LessonRow::id).toList();
        LessonRow lesson = unit.lessons().get(ids.indexOf(lessonId));
        int planned = unit.planned().indexOf(lesson);
        List<Segment> segments = planned < 0 ? List.of() : unit.plan().lessons().get(planned);
        UnitDrawing drawing = new UnitDrawing(unit, units.spaceNames());
        return new InHand(
                lessonId,
                unit.row().id(),
                unit.head().id(),
                unit.row().title,
                unit.schoolClass(),
                lesson.position + 1,
                unit.lessons().size(),
                lesson.onDate,
                lesson.starts,
                lesson.minutes,
                lesson.spaceId,
                lesson.state,
                unit.body().targets().stream().map(UnitBody.TargetBody::cueSet).toList(),
                segments.stream().map(s -> new Stretch(s, drawing.segment(s))).toList(),
                unit.problem().knowHow(),
                unit.problem().cupboard(),
                unit.problem().policy());
    }

    private static String part(Segment s) {
        if (s.serves(LessonPhase.PLAY)) return "play";
        if (s.works()) return "practice";
        if (s.serves(LessonPhase.WARM)) return "warm-up";
        return s.serves(LessonPhase.GATHER) ? "opening talk" : "closing";
    }

    /** Shape: no object on the first rung. Game: play. Drill: the rest. */
    private static Setting setting(Segment segment) {
        if (segment.serves(LessonPhase.PLAY)) return Setting.GAME;
        boolean object = segment.activity().needs().stream().anyMatch(n -> n.role() == Need.Role.SENT);
        return segment.level() == 1 && !object ? Setting.SHAPE : Setting.DRILL;
    }
}
