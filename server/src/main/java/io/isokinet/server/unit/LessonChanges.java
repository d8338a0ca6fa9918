package io.isokinet.server.unit;

import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.edit.Doorway;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.EditRaceException;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.unit.LessonChangeRow.Body;
import io.isokinet.server.unit.LessonChangeRow.UnitCopy;
import io.isokinet.server.unit.RevisionRow.Made;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lessons that are lost, moved, swapped, shortened, or come indoors. The rest of the unit moves along or is squeezed; what changed
 * is said in words, and can be taken back as long as nothing else was changed on top of it.
 */
@Service
public class LessonChanges {
    interface Rows extends JpaRepository<LessonChangeRow, UUID> {
        List<LessonChangeRow> findByLessonIdInOrderByAtDesc(Set<UUID> lessons);
    }

    private final Rows rows;
    private final UnitStore store;
    private final UnitReader reader;
    private final UnitPlanning planning;
    private final UnitBoards boards;
    private final ChangeSteps steps;
    private final Clock clock;
    private final TransactionTemplate writing;

    LessonChanges(
            Rows rows,
            UnitStore store,
            UnitReader reader,
            UnitPlanning planning,
            UnitBoards boards,
            ChangeSteps steps,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.rows = rows;
        this.store = store;
        this.reader = reader;
        this.planning = planning;
        this.boards = boards;
        this.steps = steps;
        this.clock = clock;
        this.writing = new TransactionTemplate(transactions);
    }

    /**
     * @param words what changed, a sentence each
     * @param canUndo false once something else was changed on top of it
     */
    public record LessonChangeView(
            UUID id,
            UUID lesson,
            UUID unit,
            LessonChangeForm.Kind kind,
            String why,
            List<String> words,
            Instant at,
            boolean undone,
            boolean canUndo) {}

    /**
     * Everything that happens to a lesson at once. Plans are made between reading and writing; who was overtaken meanwhile is told so.
     *
     * @throws io.isokinet.core.check.FoundException with a question for what needs a second thought
     */
    public LessonChangeView change(UUID lessonId, LessonChangeForm form) {
        ChangingUnit at = new ChangingUnit(reader.readOf(lessonId));
        LessonRow lesson = at.row(lessonId);
        String cause = "Lesson %d %s"
                .formatted(lesson.number(), LessonChangeForm.kind(form).label());
        requireUntaught(lesson);
        if (lesson.isLost()) throw new IllegalArgumentException("This lesson is lost already. Take that back first.");
        List<ChangingUnit> units = steps.take(at, lessonId, form);
        List<Made> made = units.stream().map(u -> made(u, cause)).toList();
        return Objects.requireNonNull(writing.execute(status -> {
            List<UnitCopy> copies = new ArrayList<>();
            for (int i = 0; i < units.size(); i++) copies.add(write(units.get(i), made.get(i)));
            List<String> words = units.stream().flatMap(u -> u.words().stream()).toList();
            return view(rows.saveAndFlush(new LessonChangeRow(
                    Ids.next(),
                    lessonId,
                    form,
                    new Body(words, copies),
                    SignedIn.current().person(),
                    clock.instant())));
        }));
    }

    static void requireUntaught(LessonRow lesson) {
        if (lesson.isTaught())
            throw new IllegalArgumentException(
                    "Lesson %d was taught; it stays where it was.".formatted(lesson.number()));
    }

    /** The plan of a unit with its lessons as they are to be: planned anew where it is open, read where it is not. */
    private Made made(ChangingUnit unit, String cause) {
        UnitPlanning.Draft draft = unit.draft();
        LessonRow atOnce = unit.atOnce();
        if (atOnce != null) return atOnce(unit, draft, atOnce, cause);
        Made made = unit.isOpen()
                ? planning.plan(draft, unit::isKept, RevisionKind.LESSON_CHANGED, cause, "", PlanningDesk.Onlooker.NONE)
                : read(draft, cause);
        unit.tell(reader.plan(draft.unit(), made.body(), draft.lessons()), made);
        return made;
    }

    /** What the core can say at once of one lesson; the rest of the unit stays. */
    private Made atOnce(ChangingUnit unit, UnitPlanning.Draft draft, LessonRow lesson, String cause) {
        Plan plan = reader.plan(draft.unit(), draft.body(), draft.lessons());
        int index = UnitReader.planned(draft.lessons()).indexOf(lesson);
        Doorway door =
                Doorway.of(plan, new Candidates(plan.problem()), unit.before().plan(), index);
        door.words().forEach(unit::say);
        return new Made(
                RevisionKind.LESSON_CHANGED,
                cause,
                draft.body().with(door.plan(), draft.planned()),
                Rules.score(door.plan()));
    }

    private Made read(UnitPlanning.Draft draft, String cause) {
        Plan plan = reader.plan(draft.unit(), draft.body(), draft.lessons());
        return new Made(
                RevisionKind.LESSON_CHANGED, cause, draft.body().with(plan, draft.planned()), Rules.score(plan));
    }

    /**
     * Writes the lessons and the plan of a unit.
     *
     * @throws EditRaceException if somebody has changed them since they were read
     */
    private UnitCopy write(ChangingUnit unit, Made made) {
        Map<UUID, LessonRow> now = byId(store.lessons(unit.id()));
        if (!unit.copies().equals(now.values().stream().map(LessonCopy::of).toList()))
            throw new EditRaceException("unit");
        for (LessonRow row : unit.lessons()) {
            if (now.containsKey(row.id())) LessonCopy.of(row).restore(now.get(row.id()));
            else store.add(row);
        }
        store.flush();
        UUID before = unit.before().head().id();
        RevisionRow head = store.advance(unit.id(), before, made, planning.packs(unit.draft(), made));
        List<LessonCopy> after = unit.lessons().stream().map(LessonCopy::of).toList();
        return new UnitCopy(unit.id(), before, head.id(), unit.copies(), after);
    }

    private static Map<UUID, LessonRow> byId(List<LessonRow> lessons) {
        return lessons.stream()
                .collect(Collectors.toMap(LessonRow::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    /** Takes a change back, with all that it moved. */
    @Transactional
    public LessonChangeView undo(UUID id) {
        LessonChangeRow row = rows.findById(id).orElseThrow(() -> new NotFoundException("change of a lesson", id));
        if (row.isUndone()) throw new IllegalArgumentException("This change was taken back already.");
        if (!isOnTop(row.body()))
            throw new IllegalArgumentException(
                    "Something else was changed since then. Take that back first, or change the lessons as they are now.");
        row.body().units().forEach(this::restore);
        row.undo(clock.instant());
        rows.flush();
        return view(row);
    }

    private void restore(UnitCopy copy) {
        Map<UUID, LessonCopy> before = copy.before().stream().collect(Collectors.toMap(LessonCopy::id, c -> c));
        for (LessonRow lesson : store.lessons(copy.unit())) {
            LessonCopy was = before.get(lesson.id());
            if (was == null) store.remove(lesson);
            else was.restore(lesson);
        }
        store.unit(copy.unit()).follow(copy.headBefore());
    }

    /** Takes back the change that made a unit what it is now; empty if it was no change of lessons. */
    @Transactional
    public Optional<UnitView> undoOnTop(UUID unitId, IfMatch version) {
        Optional<LessonChangeRow> onTop = of(unitId).stream()
                .filter(r -> !r.isUndone())
                .filter(r -> isOnTop(r.body()))
                .findFirst();
        if (onTop.isEmpty()) return Optional.empty();
        version.require("unit", store.unit(unitId).head());
        undo(onTop.get().id());
        return Optional.of(boards.view(unitId));
    }

    /**
     * Redo brings back a plan, not the dates that went with it.
     *
     * @throws IllegalArgumentException if the next revision came with a change of lessons
     */
    @Transactional(readOnly = true)
    public void refuseRedo(UUID unitId) {
        Optional<UUID> next = store.next(store.head(store.unit(unitId)).id());
        boolean moved = next.isPresent()
                && of(unitId).stream().flatMap(r -> r.body().units().stream()).anyMatch(u -> u.headAfter()
                        .equals(next.get()));
        if (moved)
            throw new IllegalArgumentException(
                    "What was taken back also moved lessons. Change the lesson again on the term strip instead.");
    }

    private List<LessonChangeRow> of(UUID unitId) {
        return rows.findByLessonIdInOrderByAtDesc(byId(store.lessons(unitId)).keySet());
    }

    /** The changes of these lessons, newest first. */
    @Transactional(readOnly = true)
    public List<LessonChangeView> of(Set<UUID> lessons) {
        return lessons.isEmpty()
                ? List.of()
                : rows.findByLessonIdInOrderByAtDesc(lessons).stream()
                        .map(this::view)
                        .toList();
    }

    private boolean isOnTop(Body body) {
        return body.units().stream().allMatch(copy -> store.find(copy.unit())
                .filter(unit -> copy.headAfter().equals(unit.head()))
                .filter(unit -> copy.after()
                        .equals(store.lessons(unit.id()).stream()
                                .map(LessonCopy::of)
                                .toList()))
                .isPresent());
    }

    private LessonChangeView view(LessonChangeRow row) {
        return new LessonChangeView(
                row.id(),
                row.lessonId(),
                row.body().units().get(0).unit(),
                row.kind(),
                row.why(),
                row.body().words(),
                row.at(),
                row.isUndone(),
                !row.isUndone() && isOnTop(row.body()));
    }
}
