package io.isokinet.server.unit;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.nextstep.Steer;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.rule.WishesKept;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.unit.PlanningDesk.Onlooker;
import io.isokinet.server.unit.RevisionRow.Made;
import io.isokinet.server.unit.UnitView.WishesView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Plans units. What is needed is read in one transaction and what was found is kept in another; between them the database is left
 * alone, however long planning takes. Who was overtaken meanwhile is told so, and nothing is kept.
 */
@Service
public class UnitPlanning {
    private static final Predicate<LessonRow> NONE = l -> false;

    /** More sentences than these are not read. */
    private static final int MOST_BROKEN = 3;

    private final UnitStore store;
    private final UnitReader reader;
    private final UnitBoards boards;
    private final PlanningDesk desk;
    private final Classes classes;
    private final Spaces spaces;
    private final KnowHows knowHows;
    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    UnitPlanning(
            UnitStore store,
            UnitReader reader,
            UnitBoards boards,
            PlanningDesk desk,
            Classes classes,
            Spaces spaces,
            KnowHows knowHows,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.reader = reader;
        this.boards = boards;
        this.desk = desk;
        this.classes = classes;
        this.spaces = spaces;
        this.knowHows = knowHows;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.writing = new TransactionTemplate(transactions);
    }

    /**
     * @param order null to leave the wishes as they are
     * @param cues what is decided about the cues of a skill; null to leave that as it is
     * @param steps by skill, what to do with it in its next lesson; null for nothing
     */
    record WishesForm(
            Wishes.@Nullable Order order,
            @Nullable Integer newCues,
            UnitBody.@Nullable MoreWishes more,
            @Nullable List<CueChoiceForm> cues,
            @Nullable Map<String, Step> steps) {}

    /**
     * A unit that is to be planned.
     *
     * @param parent revision in force; null for a unit that is not saved yet
     * @param lessons the lost ones among them
     */
    record Draft(UnitRow unit, @Nullable UUID parent, UnitBody body, List<LessonRow> lessons) {
        Draft holding(UnitBody other) {
            return new Draft(unit, parent, other, lessons);
        }

        List<UUID> planned() {
            return UnitReader.planned(lessons).stream().map(LessonRow::id).toList();
        }
    }

    /** Plans and saves a new unit; the same id again changes nothing. */
    public void make(UUID id, UnitForm form) {
        make(id, form, Onlooker.NONE);
    }

    /**
     * The same, looked on.
     *
     * @throws CancelledException if the onlooker went; then nothing is saved
     */
    void make(UUID id, UnitForm form, Onlooker onlooker) {
        Draft draft = read(() -> store.has(id) ? null : open(id, form));
        if (draft == null) return;
        Made made = plan(draft, NONE, RevisionKind.PLANNED, "Planned", "", onlooker);
        write(() -> store.has(id) ? null : begin(draft, made));
    }

    /**
     * A unit with its lessons and nothing in them yet, not saved.
     *
     * @throws FoundException with what cannot be taken
     */
    Draft open(UUID id, UnitForm form) {
        if (store.has(id))
            throw new IllegalArgumentException("There is such a unit already; open it instead of making it again.");
        form.check();
        classes.view(form.classId());
        form.lessons().forEach(l -> spaces.view(l.spaceId()));
        List<LessonRow> rows = form.rows(id, Ids::next);
        return new Draft(new UnitRow(id, form.classId(), form.title().strip()), null, body(form, rows), rows);
    }

    /** What is wished of a unit, with nothing in its lessons yet. */
    private UnitBody body(UnitForm form, List<LessonRow> rows) {
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
        check(form.cues(), form.cueSets(), known, rows.size());
        targets = CueChoiceForm.on(targets, form.cues(), rows);
        UnitBody body = new UnitBody(targets, form.order(), form.newCues(), form.more(), List.of(), List.of());
        body.toWishes();
        return body;
    }

    /** @throws FoundException with what cannot be meant */
    private static void check(List<CueChoiceForm> choices, List<String> sets, KnowHow known, int lessons) {
        List<Finding> found = new ArrayList<>();
        for (CueChoiceForm choice : choices)
            if (!sets.contains(choice.cueSet()))
                found.add(new Finding(
                        "values",
                        "cues",
                        "The set (%s) is not one of this unit; its sets are %s."
                                .formatted(choice.cueSet(), String.join(", ", sets))));
            else
                choice.toChoice()
                        .contradictions(known.set(choice.cueSet()), known, lessons)
                        .forEach(s -> found.add(new Finding("values", "cues", s)));
        if (!found.isEmpty()) throw new FoundException(new Findings(found));
    }

    /** Saves a unit that was planned or read; within a transaction of the caller or its own. */
    RevisionRow begin(Draft draft, Made made) {
        return write(() -> {
            store.add(draft.unit(), draft.lessons());
            return store.advance(draft.unit().id(), null, made, packs(draft, made));
        });
    }

    /**
     * What can be said of a unit before it is planned.
     *
     * @param questions why it cannot be planned so, with ways out; empty if nothing is known against it
     * @param wishes what of the wishes cannot be had
     * @param instead wishes with which it could be planned; null where other wishes are no way out
     */
    record AheadView(
            List<String> questions,
            List<String> wishes,
            @Nullable WishesView instead) {}

    /** What can be said of a unit before minutes are spent on it. */
    AheadView ahead(UnitForm form) {
        Draft draft = read(() -> open(Ids.next(), form));
        UnitProblem problem = read(() -> reader.problem(draft.unit(), draft.body(), draft.lessons(), NONE));
        Candidates candidates = new Candidates(problem);
        Frame frame = new Frame(problem, candidates, () -> Ids.next().toString());
        List<String> questions = frame.whyNot();
        UnitProblem eased = frame.eased();
        boolean wishesAlone = eased != null && eased.targets().equals(problem.targets());
        return new AheadView(
                questions,
                questions.isEmpty() ? WishesKept.ahead(problem, candidates) : List.of(),
                wishesAlone ? UnitDrawing.wishes(eased.wishes()) : null);
    }

    /** Plans again what is neither taught nor locked. */
    public UnitView replan(UUID id, IfMatch version) {
        UnitInHand unit = reader.read(id);
        unit.require(version);
        Draft draft = draft(unit);
        Made made = plan(draft, NONE, RevisionKind.REPLANNED, "Replanned the rest", "", Onlooker.NONE);
        write(() -> store.advance(id, draft.parent(), made, packs(draft, made)));
        return boards.changed(id, unit);
    }

    /**
     * Plans anew what is neither taught nor locked, under other wishes if some are given and around the steps that are asked for, and
     * keeps it as a proposal.
     *
     * @return the id of the proposal
     * @throws CancelledException if the onlooker went; then nothing is kept
     */
    UUID propose(UUID id, @Nullable WishesForm wishes, Onlooker onlooker) {
        UnitInHand unit = reader.read(id);
        UnitBody body = wishes == null || wishes.order() == null
                ? unit.body()
                : unit.body().wishing(wishes.order(), wishes.newCues(), wishes.more());
        body.toWishes();
        boolean chosen = wishes != null && wishes.cues() != null;
        if (chosen) {
            check(
                    wishes.cues(),
                    body.cueSets(),
                    unit.knowHow(),
                    unit.lessons().stream().mapToInt(LessonRow::number).max().orElse(0));
            body = body.choosing(CueChoiceForm.on(body.targets(), wishes.cues(), unit.lessons()));
        }
        String reason = "";
        if (wishes != null && wishes.steps() != null && !wishes.steps().isEmpty()) {
            Steer steer = Steer.of(unit.plan(), new Candidates(unit.problem()), wishes.steps());
            body = body.with(steer.plan(), draft(unit).planned());
            reason = String.join(" ", steer.reasons());
        }
        Draft draft = new Draft(unit.row(), unit.head().id(), body, unit.lessons());
        // Other wishes are followed, whatever stands.
        boolean wished = chosen || wishes != null && wishes.order() != null;
        Made made = plan(
                draft,
                NONE,
                RevisionKind.PROPOSED,
                "A proposal",
                reason,
                onlooker,
                wished ? UnitProblem::freely : p -> p);
        return write(() -> store.keep(id, null, made, packs(draft, made))).id();
    }

    private static Draft draft(UnitInHand unit) {
        return new Draft(unit.row(), unit.head().id(), unit.body(), unit.lessons());
    }

    /** Versions of the know-how that a plan is kept with. */
    List<String> packs(Draft draft, Made made) {
        return reader.edition(draft.unit(), made.body()).packs();
    }

    /**
     * The best plan for what is neither taught, locked nor kept.
     *
     * @param kept lessons that stay as they are
     * @throws FoundException if there is none, with the certificates
     * @throws CancelledException if the onlooker went
     */
    Made plan(
            Draft draft, Predicate<LessonRow> kept, RevisionKind kind, String cause, String reason, Onlooker onlooker) {
        return plan(draft, kept, kind, cause, reason, onlooker, p -> p);
    }

    private Made plan(
            Draft draft,
            Predicate<LessonRow> kept,
            RevisionKind kind,
            String cause,
            String reason,
            Onlooker onlooker,
            UnaryOperator<UnitProblem> under) {
        UnitProblem problem =
                under.apply(read(() -> reader.problem(draft.unit(), draft.body(), draft.lessons(), kept)));
        Outcome outcome = desk.plan(problem, onlooker);
        if (outcome instanceof Outcome.Impossible impossible)
            throw new FoundException(new Findings(impossible.reasons().stream()
                    .map(r -> new Finding("impossible", "unit", r))
                    .toList()));
        Outcome.Planned found = (Outcome.Planned) outcome;
        // What happened to a lesson is taken down in any case; what is planned of one's own accord breaks nothing.
        if (kind != RevisionKind.LESSON_CHANGED) refuseBroken(found);
        UnitBody body = draft.body().with(found.plan(), draft.planned());
        return new Made(kind, cause, reason, body, alone(problem, body, draft.planned()), found.evaluations());
    }

    /** @throws FoundException with what would be broken, the worst first, and what to try */
    private static void refuseBroken(Outcome.Planned found) {
        List<Strain> broken = found.broken();
        if (broken.isEmpty()) return;
        List<Finding> findings = new ArrayList<>(broken.stream()
                .sorted(Comparator.comparingLong((Strain s) -> -s.cost()))
                .map(s -> new Finding(s.rule().key(), "unit", s.sentence()))
                .distinct()
                .limit(MOST_BROKEN)
                .toList());
        findings.add(
                new Finding(
                        "impossible",
                        "unit",
                        "So no unit was saved. Take a skill away, give it more lessons or another place, borrow what is missing, leave a cue to another lesson, or give leave to skip a level."));
        throw new FoundException(new Findings(findings));
    }

    /** The score of a plan by itself, whatever it was changed from. */
    private static Score alone(UnitProblem problem, UnitBody body, List<UUID> planned) {
        UnitProblem alone = problem.alone();
        Plan plan = Reading.of(
                alone,
                new Candidates(alone),
                planned.stream().map(body::choices).toList());
        return Rules.score(plan);
    }

    private <T extends @Nullable Object> T read(Supplier<T> work) {
        return reading.execute(status -> work.get());
    }

    private <T extends @Nullable Object> T write(Supplier<T> work) {
        return writing.execute(status -> work.get());
    }
}
