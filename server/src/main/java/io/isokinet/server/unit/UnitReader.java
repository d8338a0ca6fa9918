package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.check.Deadline;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
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

    /**
     * Several units, by id, as they were planned: in a fixed number of statements for each class, however many units it has. Those
     * that are gone are left out.
     */
    @Transactional(readOnly = true)
    public Map<UUID, UnitInHand> read(Collection<UUID> ids) {
        Map<UUID, UnitInHand> units = new LinkedHashMap<>();
        Map<UUID, List<UnitStore.Whole>> byClass = store.whole(ids).stream()
                .collect(Collectors.groupingBy(w -> w.unit().classId(), LinkedHashMap::new, Collectors.toList()));
        byClass.forEach((classId, whole) -> {
            Set<String> sets = whole.stream()
                    .flatMap(w -> w.head().body().cueSets().stream())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            Surroundings around = surroundings(classId, List.copyOf(sets));
            for (UnitStore.Whole w : whole)
                units.put(w.unit().id(), read(w, around, knowHows.of(w.head().packs())));
        });
        return units;
    }

    private UnitInHand read(UUID id, boolean toEdit) {
        UnitRow unit = store.unit(id);
        RevisionRow head = store.head(unit);
        KnowHow known = toEdit ? edition(unit, head.body()).known() : knowHows.of(head.packs());
        return read(
                new UnitStore.Whole(unit, head, store.lessons(id)),
                surroundings(unit.classId(), head.body().cueSets()),
                known);
    }

    private static UnitInHand read(UnitStore.Whole whole, Surroundings around, KnowHow known) {
        List<LessonRow> planned = planned(whole.lessons());
        UnitBody body = whole.head().body();
        UnitProblem problem = problem(whole.unit(), body, around, planned, NONE, known, List.of());
        return new UnitInHand(
                whole.unit(),
                whole.head(),
                around.schoolClass(),
                whole.lessons(),
                planned,
                problem,
                plan(problem, body, planned));
    }

    /** The plan that a body makes with the lessons as they are given, by the know-how in force. */
    @Transactional(readOnly = true)
    public Plan plan(UnitRow unit, UnitBody body, List<LessonRow> lessons) {
        List<LessonRow> planned = planned(lessons);
        Surroundings around = surroundings(unit.classId(), body.cueSets());
        UnitProblem problem =
                problem(unit, body, around, planned, NONE, edition(unit, body).known(), List.of());
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
        List<List<Choice>> before =
                planned.stream().map(l -> body.choices(l.id())).toList();
        return problem(
                unit,
                body,
                surroundings(unit.classId(), body.cueSets()),
                planned,
                kept,
                edition(unit, body).known(),
                before.stream().allMatch(List::isEmpty) ? List.of() : before);
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
                && body.targets().stream()
                        .allMatch(t -> now.hasSkill(t.skill()) && t.picks().allMatch(now::hasCue));
        if (whole || unit.head() == null) return new Edition(knowHows.packs(), now);
        List<String> packs = store.head(unit).packs();
        return new Edition(packs, knowHows.of(packs));
    }

    /**
     * What every unit of a class is read against.
     *
     * @param taught the lessons that the class had, of every unit, each with the know-how of its time
     * @param owned what the records say of the cues that are asked for
     * @param children how many another class has, asked for only where one comes along
     */
    private record Surroundings(
            ClassView schoolClass,
            Map<UUID, Place> places,
            List<Taught> taught,
            Map<String, Marks.Owned> owned,
            List<Item> ownThings,
            Cupboard cupboard,
            Policy policy,
            ToIntFunction<UUID> children) {}

    private record Taught(LessonHeader lesson, KnowHow known) {}

    private Surroundings surroundings(UUID classId, List<String> sets) {
        Map<UUID, Place> places = new HashMap<>();
        spaces.all().forEach(s -> places.put(s.id(), s.toPlace()));
        return new Surroundings(
                classes.view(classId),
                places,
                headers.ofClass(classId, LessonState.TAUGHT).stream()
                        .map(l -> new Taught(l, knowHows.of(l.packs())))
                        .toList(),
                marks.owned(classId, sets),
                knowHows.ownThings(),
                knowHows.cupboard(),
                schools.policy(),
                id -> classes.view(id).children().size());
    }

    private static UnitProblem problem(
            UnitRow unit,
            UnitBody body,
            Surroundings around,
            List<LessonRow> planned,
            Predicate<LessonRow> kept,
            KnowHow known,
            List<List<Choice>> before) {
        if (planned.isEmpty())
            throw new IllegalArgumentException("Every lesson of this unit is lost; give it a new one.");
        Deadline.check();
        ClassView schoolClass = around.schoolClass();
        List<LessonSlot> slots = planned.stream()
                .map(l -> new LessonSlot(
                        l.minutes(),
                        around.places().get(l.spaceId()),
                        l.isTaught(),
                        l.isTaught() || kept.test(l),
                        l.number(),
                        l.isPrepared(),
                        l.kit(),
                        guests(l, around)))
                .toList();
        Past past = past(unit, around.taught());
        return new UnitProblem(
                new ClassProfile(
                        new Age(schoolClass.yearAge()), schoolClass.children().size()),
                slots,
                body.toTargets(planned.stream().map(LessonRow::id).toList()),
                cueStates(around.owned(), body, planned),
                past.reached(),
                known.with(around.ownThings()),
                around.cupboard(),
                body.toWishes().within(known),
                around.policy(),
                past.done(),
                before,
                locks(body, planned, kept));
    }

    private static int guests(LessonRow lesson, Surroundings around) {
        UUID other = lesson.withClass();
        return other == null ? 0 : around.children().applyAsInt(other);
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
    private static Map<String, CueState> cueStates(
            Map<String, Marks.Owned> owned, UnitBody body, List<LessonRow> planned) {
        Set<String> introducedHere = new HashSet<>();
        for (LessonRow lesson : planned)
            if (lesson.isTaught())
                body.choices(lesson.id())
                        .forEach(c -> introducedHere.addAll(Objects.requireNonNullElse(c.introduces(), List.of())));
        Map<String, CueState> states = new HashMap<>();
        owned.forEach(
                (cue, o) -> states.put(cue, new CueState(o.taught() && !introducedHere.contains(cue), o.percent())));
        return states;
    }

    /** The highest rung of each skill, and the activities, in the taught lessons of the class's other units. */
    private record Past(Map<String, Integer> reached, Set<String> done) {}

    private static Past past(UnitRow unit, List<Taught> taught) {
        Past past = new Past(new HashMap<>(), new HashSet<>());
        for (Taught then : taught) {
            if (then.lesson().unit().equals(unit.id())) continue;
            for (ActivityKeys keys : then.lesson().activities()) {
                Activity activity = then.known().activity(keys);
                past.done().addAll(keys.keys());
                if (activity.skill() != null && activity.rung() != null)
                    past.reached().merge(activity.skill(), activity.rung().level(), Math::max);
            }
        }
        return past;
    }
}
