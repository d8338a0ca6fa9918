package io.isokinet.server.unit;

import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.edit.Refit;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.EditRaceException;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.unit.RevisionRow.Made;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes units by hand, as a chain of revisions: edits, undo and redo, and what is taken from another version. */
@Service
public class UnitEditing {
    private final UnitStore store;
    private final UnitReader reader;
    private final UnitBoards boards;

    UnitEditing(UnitStore store, UnitReader reader, UnitBoards boards) {
        this.store = store;
        this.reader = reader;
        this.boards = boards;
    }

    /**
     * Applies an edit to the revision it was made on.
     *
     * @param asked made for the plan as it is; lessons are counted as on the board
     */
    @Transactional
    UnitView edit(UUID id, Function<Plan, Edit> asked, IfMatch version) {
        UnitInHand unit = reader.readToEdit(id);
        Edit edit = onThePlan(unit, asked.apply(unit.plan()));
        requireMergeable(unit, version, edit.segment());
        Plan after = Edit.read(unit.plan(), new Candidates(unit.problem()), edit);
        UnitBody body = unit.body()
                .with(after, unit.planned().stream().map(LessonRow::id).toList());
        advance(unit, new Made(RevisionKind.EDITED, cause(unit, edit), body, Rules.score(after)));
        return boards.view(reader.read(id), RuleChange.between(unit.plan(), after));
    }

    /** Calls a unit by another name; its plan stays as it is. */
    @Transactional
    UnitView rename(UUID id, String title) {
        new Fields()
                .check(UnitForm.isTitle(title), "title", "needs 1 to 120 characters.")
                .done();
        store.unit(id).rename(title.strip());
        return boards.view(id);
    }

    /**
     * Sets the lever of a segment some steps harder, or easier where they are less than zero.
     *
     * @throws IllegalArgumentException if it is not there any more, or has no such step
     */
    @Transactional
    public void step(UUID id, UUID segment, int by) {
        edit(
                id,
                plan -> new Edit.Adjust(
                        segment.toString(),
                        plan.segment(segment.toString())
                                        .orElseThrow(() -> new IllegalArgumentException(
                                                "That part of the lesson is not there any more; look at the unit."))
                                        .setting()
                                + by),
                IfMatch.ANY);
    }

    /** What would become of the stretches that do not fit any more; empty if all do. */
    @Transactional(readOnly = true)
    public List<String> misfits(UUID id) {
        UnitInHand unit = reader.readToEdit(id);
        return Refit.of(unit.plan(), new Candidates(unit.problem())).changes();
    }

    /** Fits again what does not fit any more, and leaves all else. */
    @Transactional
    public UnitView refit(UUID id, IfMatch version) {
        UnitInHand unit = reader.readToEdit(id);
        unit.require(version);
        Refit refit = Refit.of(unit.plan(), new Candidates(unit.problem()));
        if (refit.changes().isEmpty()) return boards.view(id);
        advance(
                unit,
                new Made(
                        RevisionKind.EDITED,
                        "Fitted again",
                        unit.body()
                                .with(
                                        refit.plan(),
                                        unit.planned().stream()
                                                .map(LessonRow::id)
                                                .toList()),
                        Rules.score(refit.plan())));
        return boards.view(reader.read(id), RuleChange.between(unit.plan(), refit.plan()));
    }

    private void advance(UnitInHand unit, Made made) {
        store.advance(
                unit.id(),
                unit.head().id(),
                made,
                reader.edition(unit.row(), made.body()).packs());
    }

    /**
     * An edit made on an older revision still holds if nobody has touched its segment since.
     *
     * @throws EditRaceException if somebody has, saying what it was and is
     */
    private void requireMergeable(UnitInHand unit, IfMatch version, String segment) {
        if (version.names("unit", unit.head().id())) return;
        UnitBody base = version.tags().stream()
                .flatMap(t -> revision(unit, t).stream())
                .findFirst()
                .map(RevisionRow::body)
                .orElseThrow(() -> new EditRaceException("unit"));
        Optional<UnitBody.SegmentBody> was = base.segment(segment);
        Optional<UnitBody.SegmentBody> is = unit.body().segment(segment);
        if (was.equals(is)) return;
        throw EditRaceException.clash(
                "This part of the lesson was changed by someone else since you opened the unit. It was %s; now it is %s. Look at it and make your change again."
                        .formatted(words(unit, was), words(unit, is)));
    }

    private static String words(UnitInHand unit, Optional<UnitBody.SegmentBody> segment) {
        return segment.map(s -> "%s, %d minutes%s"
                        .formatted(
                                unit.knowHow().activity(s.activity()).name(),
                                s.minutes(),
                                s.locked() ? ", locked" : ""))
                .orElse("not there");
    }

    private Optional<RevisionRow> revision(UnitInHand unit, String id) {
        try {
            return store.revision(unit.row(), UUID.fromString(id));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The board shows lost lessons too; the plan does not have them. */
    private static Edit onThePlan(UnitInHand unit, Edit edit) {
        if (!(edit instanceof Edit.MoveTo move)) return edit;
        if (move.lesson() < 0 || move.lesson() >= unit.lessons().size()) return edit;
        int planned = unit.inPlan(move.lesson());
        if (planned < 0)
            throw new IllegalArgumentException("Lesson %d was lost; choose another one.".formatted(move.lesson() + 1));
        return new Edit.MoveTo(move.segment(), planned, move.position());
    }

    /** Goes back to the revision before; forward again with redo. */
    @Transactional
    public UnitView undo(UUID id, IfMatch version) {
        UnitInHand unit = reader.read(id);
        unit.require(version);
        UUID me = SignedIn.current().person();
        if (!unit.head().byPerson().equals(me)) return takeBack(unit, me);
        UUID parent = unit.head().parent();
        if (parent == null)
            throw new IllegalArgumentException("This is the first version of the unit; there is nothing to undo.");
        return goTo(unit, parent);
    }

    /** Takes back one's own last change under those that others have made since, where they leave it as it was. */
    private UnitView takeBack(UnitInHand unit, UUID me) {
        RevisionRow mine = unit.head();
        while (!mine.byPerson().equals(me))
            mine = parent(mine, "None of the changes to this unit is yours; there is nothing of yours to undo.");
        RevisionRow before =
                parent(mine, "What you did last was planning the unit; there is nothing of yours to undo.");
        UnitBody with = mine.body();
        UnitBody without = before.body();
        List<UnitBody.LessonBody> back = new ArrayList<>();
        for (UnitBody.LessonBody now : unit.body().lessons()) {
            UnitBody.LessonBody then = with.lesson(now.lesson()).orElse(now);
            UnitBody.LessonBody earlier = without.lesson(now.lesson()).orElse(then);
            LessonRow row = store.lesson(now.lesson());
            if (!then.equals(earlier) && (!now.equals(then) || row.isTaught()))
                throw new IllegalArgumentException(
                        "“%s” cannot be taken back: lesson %d was changed or taught since. Change it by hand."
                                .formatted(mine.cause(), row.number()));
            back.add(then.equals(earlier) ? now : earlier);
        }
        put(unit, unit.body().holding(back), RevisionKind.TAKEN_BACK, "Took back: " + mine.cause());
        return boards.view(unit.id());
    }

    private RevisionRow parent(RevisionRow of, String none) {
        return Optional.ofNullable(of.parent())
                .flatMap(store::revision)
                .orElseThrow(() -> new IllegalArgumentException(none));
    }

    /** Puts a body in force as it is, with the score that it has now. */
    private void put(UnitInHand unit, UnitBody body, RevisionKind kind, String cause) {
        Plan plan = reader.plan(unit.row(), body, unit.lessons());
        UnitBody now =
                body.with(plan, unit.planned().stream().map(LessonRow::id).toList());
        advance(unit, new Made(kind, cause, now, Rules.score(plan)));
    }

    /** Goes forward to the newest revision made from this one. */
    @Transactional
    public UnitView redo(UUID id, IfMatch version) {
        UnitInHand unit = reader.read(id);
        unit.require(version);
        UUID next = store.next(unit.head().id())
                .orElseThrow(() -> new IllegalArgumentException(
                        "This is the newest version of the unit; there is nothing to redo."));
        return goTo(unit, next);
    }

    private UnitView goTo(UnitInHand unit, UUID revision) {
        UnitBody body = store.revision(revision)
                .orElseThrow(() -> new NotFoundException("revision", revision))
                .body();
        for (LessonRow lesson : unit.lessons())
            if (lesson.isTaught()
                    && !body.choices(lesson.id()).equals(unit.body().choices(lesson.id())))
                throw new IllegalArgumentException(
                        "Lesson %d was taught since then; what was done stays as it was. Change the coming lessons instead."
                                .formatted(lesson.number()));
        unit.row().follow(revision);
        store.flush();
        return boards.view(unit.id());
    }

    /** Takes lessons of another version into the unit, and its wishes if all are taken. */
    @Transactional
    public UnitView take(UUID id, UUID other, Set<UUID> lessons, IfMatch version) {
        UnitInHand unit = reader.read(id);
        unit.require(version);
        RevisionRow row = store.revision(unit.row(), other).orElseThrow(() -> new NotFoundException("version", other));
        UnitBody from = row.body();
        if (lessons.isEmpty()) throw new IllegalArgumentException("No lesson was chosen; choose at least one to take.");
        List<UnitBody.LessonBody> now = new ArrayList<>();
        int taken = 0;
        for (LessonRow lesson : unit.lessons()) {
            boolean wanted = lessons.contains(lesson.id());
            if (wanted && !lesson.isPlanned())
                throw new IllegalArgumentException(
                        "Lesson %d was taught or lost; what was done stays as it was.".formatted(lesson.number()));
            UnitBody source = wanted && from.lesson(lesson.id()).isPresent() ? from : unit.body();
            if (source == from) taken++;
            source.lesson(lesson.id()).ifPresent(now::add);
        }
        boolean whole = unit.planned().stream().filter(LessonRow::isPlanned).allMatch(l -> lessons.contains(l.id()));
        UnitBody body = unit.body().holding(now);
        if (whole)
            body = body.wishing(from.order(), from.newCues(), from.more()).choosing(from.targets());
        put(
                unit,
                body,
                RevisionKind.TAKEN,
                "Took %d %s of %s"
                        .formatted(
                                taken,
                                taken == 1 ? "lesson" : "lessons",
                                row.isProposal() ? "a proposal" : "“" + row.cause() + "”"));
        return boards.changed(id, unit);
    }

    private static String cause(UnitInHand unit, Edit edit) {
        String name = unit.plan()
                .segment(edit.segment())
                .map(s -> s.activity().name())
                .orElse("");
        if (edit instanceof Edit.Move || edit instanceof Edit.MoveTo) return "Moved " + name;
        if (edit instanceof Edit.Remove) return "Took out " + name;
        if (edit instanceof Edit.Minutes minutes) return "%d minutes for %s".formatted(minutes.minutes(), name);
        if (edit instanceof Edit.Add add)
            return "Added " + unit.knowHow().activity(add.activity()).name();
        if (edit instanceof Edit.Lock lock) return (lock.locked() ? "Locked " : "Unlocked ") + name;
        if (edit instanceof Edit.Swap swap)
            return "%s instead of %s"
                    .formatted(unit.knowHow().activity(swap.activity()).name(), name);
        return "Adjusted " + name;
    }
}
