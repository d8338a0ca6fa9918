package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Builds the planning problem of a unit from what the school has, and reads plans by it. Costly: once a request, then handed on. */
@Component
class UnitReader {
    private static final Predicate<LessonRow> NONE = l -> false;

    private final UnitStore store;
    private final UnitHeaders headers;
    private final Classes classes;
    private final Schools schools;
    private final Spaces spaces;
    private final KnowHows knowHows;
    private final Marks marks;

    UnitReader(
            UnitStore store,
            UnitHeaders headers,
            Classes classes,
            Schools schools,
            Spaces spaces,
            KnowHows knowHows,
            Marks marks) {
        this.store = store;
        this.headers = headers;
        this.classes = classes;
        this.schools = schools;
        this.spaces = spaces;
        this.knowHows = knowHows;
        this.marks = marks;
    }

    /**
     * As it was planned: with the know-how of that time.
     *
     * @throws NotFoundException if there is none
     */
    @Transactional(readOnly = true)
    public UnitInHand read(UUID unit) {
        return read(unit, false);
    }

    /**
     * With the know-how in force, as an edit needs it.
     *
     * @throws NotFoundException if there is none
     */
    @Transactional(readOnly = true)
    public UnitInHand readToEdit(UUID unit) {
        return read(unit, true);
    }

    /**
     * The unit of a lesson.
     *
     * @throws NotFoundException if there is none
     */
    @Transactional(readOnly = true)
    public UnitInHand readOf(UUID lesson) {
        return read(store.lesson(lesson).unitId());
    }

    private UnitInHand read(UUID id, boolean toEdit) {
        UnitRow unit = store.unit(id);
        RevisionRow head = store.head(unit);
        List<LessonRow> lessons = store.lessons(id);
        List<LessonRow> planned = planned(lessons);
        ClassView schoolClass = classes.view(unit.classId());
        KnowHow known = toEdit ? edition(unit, head.body()).known() : knowHows.of(head.packs());
        UnitProblem problem = problem(unit, head.body(), schoolClass, planned, NONE, known, List.of());
        return new UnitInHand(unit, head, schoolClass, lessons, planned, problem, plan(problem, head.body(), planned));
    }

    /** The plan that a body makes with the lessons as they are given, by the know-how in force. */
    @Transactional(readOnly = true)
    public Plan plan(UnitRow unit, UnitBody body, List<LessonRow> lessons) {
        List<LessonRow> planned = planned(lessons);
        ClassView schoolClass = classes.view(unit.classId());
        UnitProblem problem = problem(
                unit, body, schoolClass, planned, NONE, edition(unit, body).known(), List.of());
        return plan(problem, body, planned);
    }

    private static Plan plan(UnitProblem problem, UnitBody body, List<LessonRow> planned) {
        return Reading.of(
                problem,
                new Candidates(problem),
                planned.stream().map(l -> body.choices(l.id())).toList());
    }

    /**
     * What the planner has to solve.
     *
     * @param kept lessons that stay as they are; those that were taught do anyway
     */
    @Transactional(readOnly = true)
    public UnitProblem problem(UnitRow unit, UnitBody body, List<LessonRow> lessons, Predicate<LessonRow> kept) {
        List<LessonRow> planned = planned(lessons);
        List<Set<String>> before = planned.stream()
                .map(l -> body.choices(l.id()).stream().map(Choice::activity).collect(Collectors.toSet()))
                .toList();
        return problem(
                unit,
                body,
                classes.view(unit.classId()),
                planned,
                kept,
                edition(unit, body).known(),
                before.stream().allMatch(Set::isEmpty) ? List.of() : before);
    }

    static List<LessonRow> planned(List<LessonRow> lessons) {
        return lessons.stream().filter(l -> !l.isLost()).toList();
    }

    /** Versions of packs, and what they hold together. */
    record Edition(List<String> packs, KnowHow known) {}

    /** What is in force, unless it no longer knows something that the plan uses: then what the unit was planned with. */
    Edition edition(UnitRow unit, UnitBody body) {
        Set<String> used = body.activities();
        KnowHow now = knowHows.toPlan(used);
        boolean whole = used.stream().allMatch(now::hasActivity)
                && body.targets().stream().allMatch(t -> now.hasSkill(t.skill()));
        if (whole || unit.head() == null) return new Edition(knowHows.packs(), now);
        List<String> packs = store.head(unit).packs();
        return new Edition(packs, knowHows.of(packs));
    }

    private UnitProblem problem(
            UnitRow unit,
            UnitBody body,
            ClassView schoolClass,
            List<LessonRow> planned,
            Predicate<LessonRow> kept,
            KnowHow known,
            List<Set<String>> before) {
        if (planned.isEmpty())
            throw new IllegalArgumentException("Every lesson of this unit is lost; give it a new one.");
        Map<UUID, Place> places = new HashMap<>();
        spaces.all().forEach(s -> places.put(s.id(), s.toPlace()));
        List<LessonSlot> slots = planned.stream()
                .map(l -> new LessonSlot(
                        l.minutes(), places.get(l.spaceId()), l.isTaught(), l.isTaught() || kept.test(l), l.number()))
                .toList();
        Past past = past(unit);
        return new UnitProblem(
                new ClassProfile(
                        new Age(schoolClass.yearAge()), schoolClass.children().size()),
                slots,
                body.toTargets(),
                cueStates(unit, body, planned),
                past.reached(),
                knowHows.withOwnThings(known),
                knowHows.cupboard(),
                body.toWishes().within(known),
                schools.policy(),
                past.done(),
                before,
                locks(body, planned, kept));
    }

    private static List<SortedMap<Integer, Choice>> locks(
            UnitBody body, List<LessonRow> planned, Predicate<LessonRow> kept) {
        return planned.stream()
                .map(lesson -> locks(body.choices(lesson.id()), lesson.isTaught() || kept.test(lesson)))
                .toList();
    }

    private static SortedMap<Integer, Choice> locks(List<Choice> choices, boolean all) {
        SortedMap<Integer, Choice> locked = new TreeMap<>();
        for (int i = 0; i < choices.size(); i++) if (all || choices.get(i).locked()) locked.put(i, choices.get(i));
        return locked;
    }

    /** What was taught before this unit, or in its lessons beside the plan; what the plan itself introduced is in its locks. */
    private Map<String, CueState> cueStates(UnitRow unit, UnitBody body, List<LessonRow> planned) {
        Set<String> introducedHere = new HashSet<>();
        for (LessonRow lesson : planned)
            if (lesson.isTaught())
                body.choices(lesson.id())
                        .forEach(c -> introducedHere.addAll(Objects.requireNonNullElse(c.introduces(), List.of())));
        Map<String, CueState> states = new HashMap<>();
        marks.owned(unit.classId(), body.cueSets())
                .forEach((cue, o) ->
                        states.put(cue, new CueState(o.taught() && !introducedHere.contains(cue), o.percent())));
        return states;
    }

    /** The highest rung of each skill, and the activities, in the taught lessons of the class's other units. */
    private record Past(Map<String, Integer> reached, Set<String> done) {}

    private Past past(UnitRow unit) {
        Past past = new Past(new HashMap<>(), new HashSet<>());
        for (LessonHeader lesson : headers.ofClass(unit.classId(), LessonState.TAUGHT)) {
            if (lesson.unit().equals(unit.id())) continue;
            KnowHow then = knowHows.of(lesson.packs());
            for (String key : lesson.activities()) {
                Activity activity = then.activity(key);
                past.done().add(activity.key());
                if (activity.skill() != null && activity.rung() != null)
                    past.reached().merge(activity.skill(), activity.rung().level(), Math::max);
            }
        }
        return past;
    }
}
