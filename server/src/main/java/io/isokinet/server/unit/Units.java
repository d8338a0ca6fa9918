package io.isokinet.server.unit;

import io.isokinet.core.activity.Stations;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.Edit;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Outcome;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.RuleChange;
import io.isokinet.core.unit.Rules;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitPlanner;
import io.isokinet.core.unit.UnitPlanner.Watcher;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.planner.TimefoldPlanner;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.EditRaceException;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.http.VersionMissingException;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.record.Records;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Units: planned, edited, replanned and undone as a chain of immutable revisions. */
@Service
public class Units {
    interface UnitRows extends JpaRepository<UnitRow, UUID> {
        List<UnitRow> findByClassId(UUID classId);
    }

    interface RevisionRows extends JpaRepository<RevisionRow, UUID> {
        List<RevisionRow> findByParentOrderByAtDesc(UUID parent);

        List<RevisionRow> findByUnitIdOrderByAtDesc(UUID unitId);

        @Query("select r.unitId from RevisionRow r where r.id in :heads and (r.hard > 0 or r.medium > 0)")
        List<UUID> strained(Collection<UUID> heads);
    }

    interface LessonRows extends JpaRepository<LessonRow, UUID> {
        List<LessonRow> findByUnitIdOrderByPosition(UUID unitId);

        List<LessonRow> findByOnDateBetween(LocalDate first, LocalDate last);
    }

    private final UnitRows units;
    private final RevisionRows revisions;
    private final LessonRows lessons;
    private final Classes classes;
    private final Schools schools;
    private final Spaces spaces;
    private final KnowHows knowHows;
    private final Marks marks;
    private final Records records;
    private final Recorder recorder;
    private final Clock clock;
    private final JsonMapper json;
    private final int effort;
    private final UnitPlanner planner = new TimefoldPlanner();

    /** @param effort whole plans that the planner may score for one unit */
    Units(
            UnitRows units,
            RevisionRows revisions,
            LessonRows lessons,
            Classes classes,
            Schools schools,
            Spaces spaces,
            KnowHows knowHows,
            Marks marks,
            Records records,
            Recorder recorder,
            Clock clock,
            JsonMapper json,
            @Value("${isokinet.planning-effort:" + TimefoldPlanner.USUAL_EFFORT + "}") int effort) {
        this.units = units;
        this.revisions = revisions;
        this.lessons = lessons;
        this.classes = classes;
        this.schools = schools;
        this.spaces = spaces;
        this.knowHows = knowHows;
        this.marks = marks;
        this.records = records;
        this.recorder = recorder;
        this.clock = clock;
        this.json = json;
        this.effort = effort;
    }

    /**
     * @param cueSets one for each skill
     * @param shares how much of the unit each skill gets, in the order of {@code cueSets}; empty for even ones
     * @param newCues at most so many new cues a lesson; null for the usual number
     * @param more what else is wished; null for nothing
     */
    public record UnitForm(
            UUID classId,
            String title,
            List<String> cueSets,
            List<Integer> shares,
            Wishes.Order order,
            @Nullable Integer newCues,
            UnitBody.@Nullable MoreWishes more,
            List<LessonForm> lessons) {
        /** With even shares and nothing else wished. */
        public UnitForm(
                UUID classId,
                String title,
                List<String> cueSets,
                Wishes.Order order,
                @Nullable Integer newCues,
                List<LessonForm> lessons) {
            this(classId, title, cueSets, List.of(), order, newCues, null, lessons);
        }
    }

    /** @param starts null if no time is said @param minutes usable ones */
    public record LessonForm(LocalDate onDate, @Nullable LocalTime starts, int minutes, UUID spaceId) {}

    public record UnitLine(
            UUID id,
            String title,
            UUID classId,
            String className,
            List<String> skills,
            List<String> cueSets,
            int lessons,
            int taught,
            boolean fits,
            LocalDate from,
            LocalDate to) {}

    /** A unit with everything that its plan is read from. */
    record Loaded(
            UnitRow row,
            RevisionRow head,
            UnitBody body,
            ClassView schoolClass,
            List<LessonRow> lessons,
            List<LessonRow> planned,
            UnitProblem problem,
            Plan plan) {}

    @Transactional(readOnly = true)
    public List<UnitLine> all() {
        Map<UUID, String> names = new HashMap<>();
        classes.all().forEach(c -> names.put(c.id(), c.name()));
        List<UnitLine> lines = new ArrayList<>();
        for (UnitRow unit : units.findAll()) {
            RevisionRow head = head(unit);
            UnitBody body = body(head);
            List<LessonRow> rows = lessons.findByUnitIdOrderByPosition(unit.id());
            lines.add(new UnitLine(
                    unit.id(),
                    unit.title,
                    unit.classId,
                    names.getOrDefault(unit.classId, ""),
                    body.targets().stream()
                            .map(t -> knowHows.current().skill(t.skill()).name())
                            .toList(),
                    body.targets().stream().map(UnitBody.TargetBody::cueSet).toList(),
                    rows.size(),
                    (int) rows.stream()
                            .filter(l -> l.state == LessonState.TAUGHT)
                            .count(),
                    head.hard == 0 && head.medium == 0,
                    rows.get(0).onDate,
                    rows.get(rows.size() - 1).onDate));
        }
        lines.sort(Comparator.comparing(UnitLine::from).reversed().thenComparing(UnitLine::title));
        return lines;
    }

    /** Plans and saves a new unit; the same id again changes nothing. */
    @Transactional
    public void make(UUID id, UnitForm form) {
        make(id, form, Watcher.NONE);
    }

    /**
     * The same, looked on.
     *
     * @throws CancelledException if the watcher cancelled; then nothing is saved
     */
    @Transactional
    public void make(UUID id, UnitForm form, Watcher watcher) {
        if (units.existsById(id)) return;
        UnitRow unit = open(id, form);
        plan(unit, null, body(form), rows(id), l -> false, "Planned", watcher);
    }

    /** A unit with its lessons and nothing in them yet. */
    UnitRow open(UUID id, UnitForm form) {
        if (units.existsById(id))
            throw new IllegalArgumentException("There is such a unit already; open it instead of making it again.");

        new Fields()
                .check(!form.title().isBlank() && form.title().length() <= 120, "title", "needs 1 to 120 characters.")
                .check(
                        !form.lessons().isEmpty() && form.lessons().size() <= UnitProblem.MOST_LESSONS,
                        "lessons",
                        "needs 1 to %d lessons.".formatted(UnitProblem.MOST_LESSONS))
                .check(
                        form.lessons().stream().allMatch(l -> l.minutes() >= 10 && l.minutes() <= 120),
                        "lessons",
                        "must have 10 to 120 usable minutes each.")
                .check(!form.cueSets().isEmpty(), "cueSets", "needs at least one skill with a cue set.")
                .check(
                        form.shares().isEmpty()
                                || form.shares().size() == form.cueSets().size(),
                        "shares",
                        "must be as many as there are skills, or none.")
                .check(
                        form.newCues() == null || form.newCues() >= 1 && form.newCues() <= 5,
                        "newCues",
                        "must be 1 to 5.")
                .done();
        classes.view(form.classId());
        form.lessons().forEach(l -> spaces.view(l.spaceId()));
        UnitRow unit =
                units.saveAndFlush(new UnitRow(id, form.classId(), form.title().strip()));
        List<LessonForm> inOrder = form.lessons().stream()
                .sorted(Comparator.comparing(LessonForm::onDate)
                        .thenComparing(LessonForm::starts, Comparator.nullsFirst(Comparator.naturalOrder())))
                .toList();
        for (int i = 0; i < inOrder.size(); i++) lessons.save(new LessonRow(Ids.next(), id, i, inOrder.get(i)));
        lessons.flush();
        return unit;
    }

    List<LessonRow> rows(UUID unit) {
        return lessons.findByUnitIdOrderByPosition(unit);
    }

    /** What is wished of a unit, with nothing in its lessons yet. */
    UnitBody body(UnitForm form) {
        KnowHow known = knowHows.current();
        new Fields()
                .check(
                        form.cueSets().stream().noneMatch(s -> known.set(s).kind() == CueSet.Kind.TWO_TRIAL),
                        "cueSets",
                        "must be short or component sets; a two-trial set is for a test, which is not taught to.")
                .done();
        List<UnitBody.TargetBody> targets = new ArrayList<>();
        for (int i = 0; i < form.cueSets().size(); i++) {
            CueSet set = known.set(form.cueSets().get(i));
            targets.add(new UnitBody.TargetBody(
                    set.skill(),
                    set.key(),
                    form.shares().isEmpty() ? null : form.shares().get(i)));
        }
        UnitBody body = new UnitBody(targets, form.order(), form.newCues(), form.more(), List.of(), List.of());
        body.toWishes();
        return body;
    }

    /** @throws NotFoundException if there is none */
    @Transactional(readOnly = true)
    public UnitView view(UUID id) {
        return view(load(id), List.of());
    }

    /** Applies an edit to the revision it was made on. @param asked made for the plan as it is; lessons are counted as on the board */
    @Transactional
    public UnitView edit(UUID id, Function<Plan, Edit> asked, @Nullable String ifMatch) {
        Loaded unit = load(id, true);
        Edit edit = onThePlan(unit, asked.apply(unit.plan()));
        mergeable(unit, ifMatch, edit.segment());
        Plan after = Edit.read(unit.plan(), new Candidates(unit.problem()), edit);
        List<RuleChange> changes = RuleChange.between(unit.plan(), after);
        save(
                unit.row(),
                unit.head().id(),
                unit.body().with(after, ids(unit.planned())),
                1,
                Rules.score(after),
                cause(unit, edit));
        return view(load(id), changes);
    }

    /**
     * An edit made on an older revision still holds if nobody has touched its segment since.
     *
     * @throws EditRaceException if somebody has, saying what it was and is
     */
    private void mergeable(Loaded unit, @Nullable String ifMatch, String segment) {
        if (ifMatch == null) throw new VersionMissingException("unit");
        String tag = ifMatch.replace("\"", "");
        if (tag.equals(unit.head().id().toString())) return;
        UnitBody base = revision(unit.row(), tag).map(this::body).orElseThrow(() -> new EditRaceException("unit"));
        Optional<UnitBody.SegmentBody> was = base.segment(segment);
        Optional<UnitBody.SegmentBody> is = unit.body().segment(segment);
        if (was.isEmpty() && is.isEmpty() || was.equals(is)) return;
        throw EditRaceException.clash(
                "This part of the lesson was changed by someone else since you opened the unit. It was %s; now it is %s. Look at it and make your change again."
                        .formatted(told(unit, was), told(unit, is)));
    }

    private static String told(Loaded unit, Optional<UnitBody.SegmentBody> segment) {
        return segment.map(s -> "%s, %d minutes%s"
                        .formatted(
                                unit.problem().knowHow().activity(s.key()).name(),
                                s.minutes(),
                                s.locked() ? ", locked" : ""))
                .orElse("not there");
    }

    /** A revision of this unit. */
    Optional<RevisionRow> revision(UnitRow unit, String id) {
        try {
            return revisions.findById(UUID.fromString(id)).filter(r -> r.unitId.equals(unit.id()));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The board shows lost lessons too; the plan does not have them. */
    private static Edit onThePlan(Loaded unit, Edit edit) {
        if (!(edit instanceof Edit.MoveTo move)) return edit;
        if (move.lesson() < 0 || move.lesson() >= unit.lessons().size()) return edit;
        int planned = unit.planned().indexOf(unit.lessons().get(move.lesson()));
        if (planned < 0)
            throw new IllegalArgumentException("Lesson %d was lost; choose another one.".formatted(move.lesson() + 1));
        return new Edit.MoveTo(move.segment(), planned, move.position());
    }

    /** Plans again what is neither taught nor locked. */
    @Transactional
    public UnitView replan(UUID id, @Nullable String ifMatch) {
        Loaded unit = load(id);
        sameHead(unit, ifMatch);
        plan(unit.row(), unit.head().id(), unit.body(), unit.lessons(), l -> false, "Replanned the rest", Watcher.NONE);
        Loaded now = load(id);
        return view(now, RuleChange.between(unit.plan(), now.plan()));
    }

    /** Goes back to the revision before; forward again with redo. */
    @Transactional
    public UnitView undo(UUID id, @Nullable String ifMatch) {
        Loaded unit = load(id);
        sameHead(unit, ifMatch);
        UUID me = SignedIn.current().person();
        if (!unit.head().byPerson.equals(me)) return takeBack(unit, me);
        UUID parent = unit.head().parent;
        if (parent == null)
            throw new IllegalArgumentException("This is the first version of the unit; there is nothing to undo.");
        return goTo(unit, parent);
    }

    /** Takes back one's own last change under those that others have made since, where they leave it as it was. */
    private UnitView takeBack(Loaded unit, UUID me) {
        RevisionRow mine = unit.head();
        while (!mine.byPerson.equals(me))
            mine = Optional.ofNullable(mine.parent)
                    .flatMap(revisions::findById)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "None of the changes to this unit is yours; there is nothing of yours to undo."));
        RevisionRow before = Optional.ofNullable(mine.parent)
                .flatMap(revisions::findById)
                .orElseThrow(() -> new IllegalArgumentException(
                        "What you did last was planning the unit; there is nothing of yours to undo."));
        UnitBody with = body(mine);
        UnitBody without = body(before);
        List<UnitBody.LessonBody> back = new ArrayList<>();
        for (UnitBody.LessonBody now : unit.body().lessons()) {
            UnitBody.LessonBody then = with.lesson(now.lesson()).orElse(now);
            UnitBody.LessonBody earlier = without.lesson(now.lesson()).orElse(then);
            LessonRow row = lesson(now.lesson());
            if (!then.equals(earlier) && (!now.equals(then) || row.state == LessonState.TAUGHT))
                throw new IllegalArgumentException(
                        "“%s” cannot be taken back: lesson %d was changed or taught since. Change it by hand."
                                .formatted(mine.cause, row.position + 1));
            back.add(then.equals(earlier) ? now : earlier);
        }
        keep(unit.row(), unit.head().id(), unit.body().holding(back), unit.lessons(), "Took back: " + mine.cause);
        return view(load(unit.row().id()), List.of());
    }

    /** Goes forward to the newest revision made from this one. */
    @Transactional
    public UnitView redo(UUID id, @Nullable String ifMatch) {
        Loaded unit = load(id);
        sameHead(unit, ifMatch);
        UUID next = next(unit.head().id())
                .orElseThrow(() -> new IllegalArgumentException(
                        "This is the newest version of the unit; there is nothing to redo."));
        return goTo(unit, next);
    }

    private UnitView goTo(Loaded unit, UUID revision) {
        RevisionRow target =
                revisions.findById(revision).orElseThrow(() -> new NotFoundException("revision", revision));
        UnitBody body = body(target);
        for (LessonRow lesson : unit.lessons())
            if (lesson.state == LessonState.TAUGHT
                    && !body.choices(lesson.id()).equals(unit.body().choices(lesson.id())))
                throw new IllegalArgumentException(
                        "Lesson %d was taught since then; what was done stays as it was. Change the coming lessons instead."
                                .formatted(lesson.position + 1));
        unit.row().head = revision;
        units.flush();
        return view(load(unit.row().id()), List.of());
    }

    /** An activity that could stand in a segment's place, and what it would cost. */
    public record Alternative(
            String activity,
            String name,
            @Nullable Integer level,
            int minutes,
            int tries,
            long hard,
            long medium,
            long soft,
            List<UnitView.ChangeView> changes) {}

    /**
     * The best alternatives, by what they would cost.
     *
     * @param beside true for what could stand beside it, as stations; only what fits
     */
    @Transactional(readOnly = true)
    public List<Alternative> alternatives(UUID id, UUID segmentId, boolean beside, int most) {
        Loaded unit = load(id, true);
        Segment segment = unit.plan()
                .segment(segmentId.toString())
                .orElseThrow(() -> new NotFoundException("segment", segmentId));
        Candidates candidates = new Candidates(unit.problem());
        Score now = Rules.score(unit.plan());
        record Tried(Alternative alternative, Score score) {}
        List<Tried> tried = new ArrayList<>();
        String own = segment.activity().key();
        List<String> parts = Stations.parts(own);
        if (beside && (parts.size() == Stations.MOST || !segment.works())) return List.of();
        for (var activity : candidates.serving(segment.lesson(), segment.phases())) {
            if (parts.contains(activity.key())) continue;
            String key = beside ? Stations.key(List.of(own, activity.key())) : activity.key();
            if (beside
                    && (!Objects.equals(activity.skill(), segment.activity().skill())
                            || candidates.fit(segment.lesson(), key) instanceof Fit.Fails)) continue;
            Plan plan = Edit.read(unit.plan(), candidates, new Edit.Swap(segment.id(), key));
            Score score = Rules.score(plan);
            Segment swapped = plan.segment(segment.id()).orElseThrow();
            List<RuleChange> changes = RuleChange.between(unit.plan(), plan);
            tried.add(new Tried(
                    new Alternative(
                            key,
                            activity.name(),
                            activity.rung() == null ? null : activity.rung().level(),
                            swapped.minutes(),
                            swapped.tries(),
                            score.hard() - now.hard(),
                            score.medium() - now.medium(),
                            score.soft() - now.soft(),
                            changes.stream().map(UnitView.ChangeView::of).toList()),
                    score));
        }
        return tried.stream()
                .sorted(Comparator.comparing(Tried::score))
                .limit(most)
                .map(Tried::alternative)
                .toList();
    }

    /** The revision that redo would go to; empty if there is none. */
    Optional<UUID> next(UUID head) {
        return revisions.findByParentOrderByAtDesc(head).stream().findFirst().map(RevisionRow::id);
    }

    /** Says where a lesson stands. Once taught, the cues it introduced are taught, whatever becomes of the plan. @param at when */
    @Transactional
    public void state(UUID lessonId, LessonState state, Instant at) {
        LessonRow lesson = lesson(lessonId);
        if (lesson.state == LessonState.TAUGHT && state != LessonState.TAUGHT)
            throw new IllegalArgumentException(
                    "Lesson %d was taught; that cannot be taken back here.".formatted(lesson.position + 1));
        if (state == LessonState.TAUGHT && lesson.state != LessonState.TAUGHT) {
            Loaded unit = load(lesson.unitId);
            List<String> cues = unit.body().choices(lessonId).stream()
                    .flatMap(c -> Objects.requireNonNullElse(c.introduces(), List.<String>of()).stream())
                    .toList();
            recorder.taught(unit.row().classId, cues, lessonId, at);
        }
        lesson.state = state;
        lessons.flush();
    }

    @Transactional(readOnly = true)
    public Loaded loadByLesson(UUID lessonId) {
        return load(lesson(lessonId).unitId);
    }

    /** What a list of lessons says of their unit. */
    record Listing(String title, UUID classId, int lessons, UnitBody body, KnowHow knowHow) {
        List<String> activities(UUID lesson) {
            return body.choices(lesson).stream()
                    .map(c -> knowHow.activity(c.activity()).name())
                    .toList();
        }
    }

    /** Empty if its class is not wanted. */
    Optional<Listing> listing(UUID id, Predicate<UUID> classes) {
        return units.findById(id)
                .filter(u -> classes.test(u.classId))
                .map(u -> new Listing(
                        u.title,
                        u.classId,
                        lessons.findByUnitIdOrderByPosition(id).size(),
                        body(head(u)),
                        knowHows.of(packs(head(u)))));
    }

    /** The dates that lessons of a class are on. */
    @Transactional(readOnly = true)
    public List<LocalDate> dates(UUID classId) {
        return units.findByClassId(classId).stream()
                .flatMap(u -> lessons.findByUnitIdOrderByPosition(u.id()).stream())
                .filter(l -> l.state != LessonState.LOST)
                .map(l -> l.onDate)
                .toList();
    }

    LessonRow lesson(UUID id) {
        return lessons.findById(id).orElseThrow(() -> new NotFoundException("lesson", id));
    }

    /** As it was planned: with the know-how of that time. */
    Loaded load(UUID id) {
        return load(id, false);
    }

    private Loaded load(UUID id, boolean newest) {
        UnitRow row = units.findById(id).orElseThrow(() -> new NotFoundException("unit", id));
        RevisionRow head = head(row);
        UnitBody body = body(head);
        List<LessonRow> all = lessons.findByUnitIdOrderByPosition(id);
        ClassView schoolClass = classes.view(row.classId);
        List<LessonRow> planned =
                all.stream().filter(l -> l.state != LessonState.LOST).toList();
        List<List<Choice>> choices =
                planned.stream().map(l -> body.choices(l.id())).toList();
        KnowHow known = newest ? newest(row, body).known() : knowHows.of(packs(head));
        UnitProblem problem = problem(
                row, body, schoolClass, planned, locks(body, planned, l -> false), l -> false, known, List.of());
        Plan plan = Reading.of(problem, new Candidates(problem), choices);
        return new Loaded(row, head, body, schoolClass, all, planned, problem, plan);
    }

    List<String> packs(RevisionRow revision) {
        return List.of(json.readValue(revision.packs, String[].class));
    }

    /** Versions of packs, and what they hold together. */
    private record Edition(List<String> packs, KnowHow known) {}

    /** What is in force, unless it no longer knows something that the plan uses: then what the unit was planned with. */
    private Edition newest(UnitRow unit, UnitBody body) {
        Set<String> used = body.activities();
        KnowHow now = knowHows.toPlan(used);
        boolean whole = used.stream().allMatch(now::hasActivity)
                && body.targets().stream().allMatch(t -> now.hasSkill(t.skill()));
        if (whole || unit.head == null) return new Edition(knowHows.packs(), now);
        List<String> packs = packs(head(unit));
        return new Edition(packs, knowHows.of(packs));
    }

    private static List<SortedMap<Integer, Choice>> locks(
            UnitBody body, List<LessonRow> planned, Predicate<LessonRow> keptLesson) {
        List<SortedMap<Integer, Choice>> locks = new ArrayList<>();
        for (LessonRow lesson : planned) {
            List<Choice> choices = body.choices(lesson.id());
            SortedMap<Integer, Choice> kept = new TreeMap<>();
            for (int i = 0; i < choices.size(); i++)
                if (choices.get(i).locked() || lesson.state == LessonState.TAUGHT || keptLesson.test(lesson))
                    kept.put(i, choices.get(i));
            locks.add(kept);
        }
        return locks;
    }

    /**
     * Plans what is neither taught, locked nor kept, and saves it as a revision.
     *
     * @param kept lessons that stay as they are
     */
    void plan(
            UnitRow unit,
            @Nullable UUID parent,
            UnitBody body,
            List<LessonRow> all,
            Predicate<LessonRow> kept,
            String cause,
            Watcher watcher) {
        List<LessonRow> planned = plannedOf(all);
        Outcome.Planned found = search(unit, body, planned, kept, watcher);
        UnitBody now = body.with(found.plan(), ids(planned));
        save(unit, parent, now, found.evaluations(), worth(unit, now, all), cause);
    }

    /**
     * The best plan for what is neither taught, locked nor kept.
     *
     * @throws FoundException if there is none, with the certificates
     * @throws CancelledException if the watcher cancelled
     */
    Outcome.Planned search(
            UnitRow unit, UnitBody body, List<LessonRow> planned, Predicate<LessonRow> kept, Watcher watcher) {
        ClassView schoolClass = classes.view(unit.classId);
        List<Set<String>> before = planned.stream()
                .map(l -> body.choices(l.id()).stream().map(Choice::activity).collect(Collectors.toSet()))
                .toList();
        UnitProblem problem = problem(
                unit,
                body,
                schoolClass,
                planned,
                locks(body, planned, kept),
                kept,
                newest(unit, body).known(),
                before.stream().allMatch(Set::isEmpty) ? List.of() : before);
        Outcome outcome = planner.plan(problem, () -> Ids.next().toString(), effort, watcher);
        if (watcher.cancelled()) throw new CancelledException();
        if (outcome instanceof Outcome.Impossible impossible)
            throw new FoundException(new Findings(impossible.reasons().stream()
                    .map(r -> new Finding("impossible", "unit", r))
                    .toList()));
        return (Outcome.Planned) outcome;
    }

    /** Saves a plan beside the chain of revisions, for looking at and taking from. */
    UUID propose(Loaded unit, UnitBody body, Outcome.Planned found, String cause) {
        UnitBody proposed = body.with(found.plan(), ids(unit.planned()));
        return store(
                        unit.row(),
                        null,
                        proposed,
                        found.evaluations(),
                        worth(unit.row(), proposed, unit.lessons()),
                        cause)
                .id();
    }

    /** How the cause of a revision begins that nothing was taken from yet. */
    static final String PROPOSED = "A proposal";

    /** Saves the body as it is, with the score that it has now. */
    void keep(UnitRow unit, @Nullable UUID parent, UnitBody body, List<LessonRow> all, String cause) {
        Plan plan = read(unit, body, all);
        save(unit, parent, body.with(plan, ids(plannedOf(all))), 1, Rules.score(plan), cause);
    }

    /** The score of a plan by itself, whatever it was changed from. */
    private Score worth(UnitRow unit, UnitBody body, List<LessonRow> all) {
        return Rules.score(read(unit, body, all));
    }

    /** The plan that a body makes with the lessons as they are now. */
    Plan read(UnitRow unit, UnitBody body, List<LessonRow> all) {
        List<LessonRow> planned = plannedOf(all);
        UnitProblem problem = problem(
                unit,
                body,
                classes.view(unit.classId),
                planned,
                locks(body, planned, l -> false),
                l -> false,
                newest(unit, body).known(),
                List.of());
        return Reading.of(
                problem,
                new Candidates(problem),
                planned.stream().map(l -> body.choices(l.id())).toList());
    }

    private static List<LessonRow> plannedOf(List<LessonRow> all) {
        return all.stream().filter(l -> l.state != LessonState.LOST).toList();
    }

    private UnitProblem problem(
            UnitRow unit,
            UnitBody body,
            ClassView schoolClass,
            List<LessonRow> planned,
            List<SortedMap<Integer, Choice>> locks,
            Predicate<LessonRow> kept,
            KnowHow known,
            List<Set<String>> before) {
        if (planned.isEmpty())
            throw new IllegalArgumentException("Every lesson of this unit is lost; give it a new one.");
        Map<UUID, io.isokinet.core.place.Place> places = new HashMap<>();
        spaces.all().forEach(s -> places.put(s.id(), s.toPlace()));
        List<LessonSlot> slots = planned.stream()
                .map(l -> {
                    boolean taught = l.state == LessonState.TAUGHT;
                    return new LessonSlot(
                            l.minutes, places.get(l.spaceId), taught, taught || kept.test(l), l.position + 1);
                })
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
                locks);
    }

    /** What was taught before this unit, or in its lessons beside the plan; what the plan itself introduced is in its locks. */
    private Map<String, CueState> cueStates(UnitRow unit, UnitBody body, List<LessonRow> planned) {
        Set<String> introducedHere = new HashSet<>();
        for (LessonRow lesson : planned)
            if (lesson.state == LessonState.TAUGHT)
                body.choices(lesson.id())
                        .forEach(c -> introducedHere.addAll(Objects.requireNonNullElse(c.introduces(), List.of())));
        Map<String, Marks.Owned> owned = marks.owned(
                unit.classId,
                body.targets().stream().map(UnitBody.TargetBody::cueSet).toList());
        Map<String, CueState> states = new HashMap<>();
        owned.forEach(
                (cue, o) -> states.put(cue, new CueState(o.taught() && !introducedHere.contains(cue), o.percent())));
        return states;
    }

    /** The highest rung of each skill, and the activities, in the taught lessons of the class's other units. */
    private record Past(Map<String, Integer> reached, Set<String> done) {}

    private Past past(UnitRow unit) {
        Past past = new Past(new HashMap<>(), new HashSet<>());
        for (UnitRow other : units.findByClassId(unit.classId)) {
            if (other.id().equals(unit.id()) || other.head == null) continue;
            UnitBody body = body(head(other));
            for (LessonRow lesson : lessons.findByUnitIdOrderByPosition(other.id()))
                if (lesson.state == LessonState.TAUGHT)
                    for (Choice choice : body.choices(lesson.id())) {
                        var activity = knowHows.of(packs(head(other))).activity(choice.activity());
                        past.done().add(activity.key());
                        if (activity.skill() != null && activity.rung() != null)
                            past.reached()
                                    .merge(activity.skill(), activity.rung().level(), Math::max);
                    }
        }
        return past;
    }

    private void save(UnitRow unit, @Nullable UUID parent, UnitBody body, int evaluations, Score score, String cause) {
        unit.head = store(unit, parent, body, evaluations, score, cause).id();
        units.flush();
    }

    private RevisionRow store(
            UnitRow unit, @Nullable UUID parent, UnitBody body, int evaluations, Score score, String cause) {
        return revisions.saveAndFlush(new RevisionRow(
                Ids.next(),
                unit.id(),
                parent,
                SignedIn.current().person(),
                clock.instant(),
                cause,
                json.writeValueAsString(newest(unit, body).packs()),
                evaluations,
                score,
                json.writeValueAsString(body)));
    }

    private static String cause(Loaded unit, Edit edit) {
        String name = unit.plan()
                .segment(edit.segment())
                .map(s -> s.activity().name())
                .orElse("");
        if (edit instanceof Edit.Move || edit instanceof Edit.MoveTo) return "Moved " + name;
        if (edit instanceof Edit.Remove) return "Took out " + name;
        if (edit instanceof Edit.Minutes minutes) return "%d minutes for %s".formatted(minutes.minutes(), name);
        if (edit instanceof Edit.Add add)
            return "Added " + unit.problem().knowHow().activity(add.activity()).name();
        if (edit instanceof Edit.Lock lock) return (lock.locked() ? "Locked " : "Unlocked ") + name;
        if (edit instanceof Edit.Swap swap)
            return "%s instead of %s"
                    .formatted(
                            unit.problem().knowHow().activity(swap.activity()).name(), name);
        return "Adjusted " + name;
    }

    static void sameHead(Loaded unit, @Nullable String ifMatch) {
        if (ifMatch == null) throw new VersionMissingException("unit");
        if (!ifMatch.replace("\"", "").equals(unit.head().id().toString())) throw new EditRaceException("unit");
    }

    /** All revisions and proposals of a unit, the newest first. */
    List<RevisionRow> history(UUID unit) {
        return revisions.findByUnitIdOrderByAtDesc(unit);
    }

    private RevisionRow head(UnitRow unit) {
        return Optional.ofNullable(unit.head)
                .flatMap(revisions::findById)
                .orElseThrow(() -> new IllegalStateException(
                        "Impossible state: the unit %s has no revision.".formatted(unit.id())));
    }

    UnitBody body(RevisionRow revision) {
        return json.readValue(revision.body, UnitBody.class);
    }

    private static List<UUID> ids(List<LessonRow> rows) {
        return rows.stream().map(LessonRow::id).toList();
    }

    UnitView view(Loaded unit, List<RuleChange> changes) {
        boolean canRedo = !revisions.findByParentOrderByAtDesc(unit.head().id()).isEmpty();
        return new UnitDrawing(unit, spaceNames())
                .view(
                        classes.all().stream()
                                .filter(c -> c.id().equals(unit.row().classId))
                                .findFirst()
                                .orElseThrow(),
                        canRedo,
                        changes);
    }

    Map<UUID, String> spaceNames() {
        Map<UUID, String> names = new HashMap<>();
        spaces.all().forEach(s -> names.put(s.id(), s.name()));
        return names;
    }
}
