package io.isokinet.server.unit;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need;
import io.isokinet.core.unit.Segment;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One lesson as it will be taught, for those who teach and record it. */
@Service
public class Lessons {
    private final UnitHeaders headers;
    private final UnitReader reader;
    private final UnitBoards boards;
    private final Calendars calendars;
    private final KnowHows knowHows;
    private final Classes classes;

    Lessons(
            UnitHeaders headers,
            UnitReader reader,
            UnitBoards boards,
            Calendars calendars,
            KnowHows knowHows,
            Classes classes) {
        this.classes = classes;
        this.headers = headers;
        this.reader = reader;
        this.boards = boards;
        this.calendars = calendars;
        this.knowHows = knowHows;
    }

    /**
     * @param skill that is worked on; null for none
     * @param part of the lesson, in words
     * @param changeSeconds of its minutes that go into changing
     * @param turnSeconds of one turn; null where nobody takes turns
     * @param setting where a trial in it is seen
     * @param looks one pair of eyes has in it
     * @param level of its rung, zero without one
     * @param rung in words; null for none
     * @param easier and
     * @param harder the steps beside the one that is set; null where there is none
     */
    public record PlannedSegment(
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
            List<PlannedSegment> segments) {}

    /**
     * A lesson in a list of dates.
     *
     * @param activities by name, in order
     * @param clash what stands in its way; null if nothing does
     */
    public record ListedLesson(
            LessonHeader header,
            List<String> activities,
            @Nullable String clash) {}

    /** The lessons of these classes on these days, in order. */
    @Transactional(readOnly = true)
    public List<LessonHeader> between(LocalDate first, LocalDate last, Predicate<UUID> classes) {
        return headers.between(first, last).stream()
                .filter(l -> classes.test(l.classId()))
                .toList();
    }

    /** The same with what is in them and what stands in their way. */
    @Transactional(readOnly = true)
    public List<ListedLesson> listed(LocalDate first, LocalDate last, Predicate<UUID> classes) {
        SchoolYear year = calendars.year();
        return between(first, last, classes).stream()
                .map(l -> new ListedLesson(l, activities(l), DateClash.of(l, year)))
                .toList();
    }

    private List<String> activities(LessonHeader lesson) {
        KnowHow known = knowHows.of(lesson.packs());
        return lesson.activities().stream().map(a -> known.activity(a).name()).toList();
    }

    /**
     * What lists say of a lesson; for what need not read its plan.
     *
     * @throws NotFoundException if there is none
     */
    @Transactional(readOnly = true)
    public LessonHeader header(UUID lessonId) {
        return headers.lesson(lessonId);
    }

    @Transactional(readOnly = true)
    public LessonPlan plan(UUID lessonId) {
        return plan(reader.readOf(lessonId), lessonId);
    }

    /** The lessons that a class is still to have on these days, in order; each unit is read once. */
    @Transactional(readOnly = true)
    public List<LessonPlan> coming(UUID classId, LocalDate first, LocalDate last) {
        return inState(classId, first, last, LessonState.PLANNED);
    }

    /** The lessons of a class that were taught, with their plans, in order. */
    @Transactional(readOnly = true)
    public List<LessonPlan> taught(UUID classId, LocalDate first, LocalDate last) {
        return inState(classId, first, last, LessonState.TAUGHT);
    }

    private List<LessonPlan> inState(UUID classId, LocalDate first, LocalDate last, LessonState state) {
        return plans(headers.ofClass(classId, state).stream()
                .filter(l -> !l.onDate().isBefore(first) && !l.onDate().isAfter(last))
                .toList());
    }

    /** Each unit is read once. */
    private List<LessonPlan> plans(List<LessonHeader> lessons) {
        Map<UUID, UnitInHand> units = units(lessons);
        return lessons.stream()
                .map(l -> plan(units.get(l.unit()), l.lesson()))
                .sorted(Comparator.comparing(LessonPlan::onDate))
                .toList();
    }

    /** These lessons as they were planned, by id; each unit is read once, and lessons that are gone are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, LessonPlan> plans(Collection<UUID> ids) {
        return plans(headers.lessons(ids)).stream().collect(Collectors.toMap(LessonPlan::lesson, p -> p));
    }

    private static List<Segment> segments(UnitInHand unit, UUID lesson) {
        int planned = unit.inPlan(lesson);
        return planned < 0 ? List.of() : unit.plan().lessons().get(planned);
    }

    private static LessonRow row(UnitInHand unit, UUID lesson) {
        return unit.lessons().stream()
                .filter(l -> l.id().equals(lesson))
                .findFirst()
                .orElseThrow();
    }

    private static LessonPlan plan(UnitInHand unit, UUID lessonId) {
        LessonRow lesson = row(unit, lessonId);
        return new LessonPlan(
                lesson.id(),
                unit.id(),
                unit.row().classId(),
                unit.row().title(),
                lesson.number(),
                unit.lessons().size(),
                lesson.onDate(),
                lesson.state(),
                unit.body().cueSets(),
                segments(unit, lessonId).stream()
                        .map(s -> new PlannedSegment(
                                UUID.fromString(s.id()),
                                s.activity().name(),
                                s.works() ? s.activity().skill() : null,
                                part(s),
                                s.minutes(),
                                s.changeSeconds(),
                                s.activity().cycle() != null && s.fit() instanceof Fit.Works w
                                        ? w.turn().seconds()
                                        : null,
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
     * @param plan what is to be taught
     * @param schoolClass those who are taught: where another class comes along, both
     * @param withClass that other class; null for none
     * @param stretches its segments, each as the plan has it
     * @param fresh skills that were new to the class when the unit began, by key
     */
    public record InHand(
            UUID head,
            LessonPlan plan,
            ClassView schoolClass,
            @Nullable UUID withClass,
            @Nullable LocalTime starts,
            int minutes,
            UUID spaceId,
            List<Stretch> stretches,
            KnowHow known,
            Cupboard cupboard,
            Policy policy,
            Set<String> fresh,
            boolean prepared) {
        public UUID lesson() {
            return plan.lesson();
        }

        /** What to tell in a stretch, at its place in the unit. */
        public String told(String segment) {
            return stretches.stream()
                    .filter(s -> s.segment().id().equals(segment))
                    .map(s -> s.view().how())
                    .findFirst()
                    .orElseThrow();
        }
    }

    public record Stretch(Segment segment, UnitView.SegmentView view) {}

    @Transactional(readOnly = true)
    public InHand inHand(UUID lessonId) {
        return inHand(reader.readOf(lessonId), lessonId);
    }

    /** Several lessons; each unit is read once. */
    @Transactional(readOnly = true)
    public List<InHand> inHand(List<LessonHeader> lessons) {
        Map<UUID, UnitInHand> units = units(lessons);
        return lessons.stream()
                .map(l -> inHand(units.get(l.unit()), l.lesson()))
                .toList();
    }

    private Map<UUID, UnitInHand> units(List<LessonHeader> lessons) {
        return reader.read(lessons.stream().map(LessonHeader::unit).collect(Collectors.toSet()));
    }

    private InHand inHand(UnitInHand unit, UUID lessonId) {
        LessonRow lesson = row(unit, lessonId);
        UnitDrawing drawing = new UnitDrawing(unit, boards.spaceNames());
        return new InHand(
                unit.head().id(),
                plan(unit, lessonId),
                classes.together(unit.schoolClass(), lesson.withClass()),
                lesson.withClass(),
                lesson.starts(),
                lesson.minutes(),
                lesson.spaceId(),
                segments(unit, lessonId).stream()
                        .map(s -> new Stretch(s, drawing.segment(s)))
                        .toList(),
                unit.knowHow(),
                unit.problem().cupboard().share(lesson.kit()),
                unit.problem().policy(),
                unit.problem().fresh(),
                lesson.isPrepared());
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
