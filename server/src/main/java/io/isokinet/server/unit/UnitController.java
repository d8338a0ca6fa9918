package io.isokinet.server.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.Tagged;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.unit.Alternatives.Alternative;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Units: in a list, as a board, and changed by hand. */
@RestController
@RequestMapping("/api")
class UnitController {
    private static final int ALTERNATIVES = 6;

    private final UnitHeaders headers;
    private final UnitBoards boards;
    private final UnitPlanning planning;
    private final UnitEditing editing;
    private final Alternatives alternatives;
    private final LessonChanges changes;
    private final OtherClasses others;
    private final KnowHows knowHows;
    private final Teams teams;

    UnitController(
            UnitHeaders headers,
            UnitBoards boards,
            UnitPlanning planning,
            UnitEditing editing,
            Alternatives alternatives,
            LessonChanges changes,
            OtherClasses others,
            KnowHows knowHows,
            Teams teams) {
        this.headers = headers;
        this.boards = boards;
        this.planning = planning;
        this.editing = editing;
        this.alternatives = alternatives;
        this.changes = changes;
        this.others = others;
        this.knowHows = knowHows;
        this.teams = teams;
    }

    /**
     * A unit in a list.
     *
     * @param skills by name
     * @param fits false if a hard or medium rule is broken
     */
    record UnitLine(
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

    /** @param starts null if no time is said */
    record LessonBody(
            @NotNull LocalDate onDate,
            @Nullable LocalTime starts,
            @NotNull Integer minutes,
            @NotNull UUID spaceId) {
        LessonForm toForm() {
            return new LessonForm(onDate, starts, minutes, spaceId);
        }
    }

    record UnitFormBody(
            @NotNull UUID classId,
            @NotBlank String title,
            @NotNull List<String> cueSets,
            @NotNull Wishes.Order order,
            @Nullable Integer newCues,
            @Nullable List<Integer> shares,
            UnitBody.@Nullable MoreWishes more,
            @NotNull List<@Valid LessonBody> lessons) {
        UnitForm toForm() {
            return new UnitForm(
                    classId,
                    title,
                    cueSets,
                    shares == null ? List.of() : shares,
                    order,
                    newCues,
                    more,
                    lessons.stream().map(LessonBody::toForm).toList());
        }
    }

    enum EditKind {
        MOVE,
        MOVE_TO,
        MINUTES,
        REMOVE,
        ADD,
        LOCK,
        UNLOCK,
        SWAP,
        ADJUST
    }

    /**
     * @param segment for ADD the one after which it stands
     * @param lesson index from 0, for MOVE_TO
     * @param position for MOVE and MOVE_TO
     * @param activity for SWAP and ADD
     * @param setting for ADJUST
     * @param minutes for MINUTES
     */
    record EditBody(
            @NotNull EditKind kind,
            @NotNull UUID segment,
            @Nullable Integer lesson,
            @Nullable Integer position,
            @Nullable String activity,
            @Nullable Integer setting,
            @Nullable Integer minutes) {
        /** @param plan to find where something is added */
        Edit toEdit(Plan plan) {
            boolean moves = kind == EditKind.MOVE || kind == EditKind.MOVE_TO;
            boolean names = kind == EditKind.SWAP || kind == EditKind.ADD;
            new Fields()
                    .check(!moves || position != null, "position", "is needed to move.")
                    .check(kind != EditKind.MOVE_TO || lesson != null, "lesson", "is needed to move to another.")
                    .check(!names || activity != null, "activity", "is needed to swap or add.")
                    .check(kind != EditKind.ADJUST || setting != null, "setting", "is needed to adjust.")
                    .check(kind != EditKind.MINUTES || minutes != null, "minutes", "are needed.")
                    .done();
            String id = segment.toString();
            return switch (kind) {
                case MOVE -> new Edit.Move(id, orZero(position));
                case MOVE_TO -> new Edit.MoveTo(id, orZero(lesson), orZero(position));
                case MINUTES -> new Edit.Minutes(id, orZero(minutes));
                case REMOVE -> new Edit.Remove(id);
                case ADD -> after(plan, id);
                case LOCK -> new Edit.Lock(id, true);
                case UNLOCK -> new Edit.Lock(id, false);
                case SWAP -> new Edit.Swap(id, String.valueOf(activity));
                case ADJUST -> new Edit.Adjust(id, orZero(setting));
            };
        }

        private Edit after(Plan plan, String id) {
            Segment before = plan.segment(id)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "There is no segment (%s) in this unit any more; reload the unit.".formatted(id)));
            return new Edit.Add(
                    Ids.next().toString(), before.lesson(), before.position() + 1, String.valueOf(activity));
        }

        private static int orZero(@Nullable Integer value) {
            return value == null ? 0 : value;
        }
    }

    @GetMapping("/units")
    @MayRead
    List<UnitLine> units() {
        Predicate<UUID> visible = teams.visible();
        return headers.units().stream()
                .filter(u -> visible.test(u.classId()))
                .map(this::line)
                .toList();
    }

    private UnitLine line(UnitHeader unit) {
        KnowHow known = knowHows.current();
        return new UnitLine(
                unit.id(),
                unit.title(),
                unit.classId(),
                unit.className(),
                unit.cueSets().stream()
                        .map(s -> known.skill(known.set(s).skill()).name())
                        .toList(),
                unit.cueSets(),
                unit.lessons(),
                unit.taught(),
                unit.fits(),
                unit.from(),
                unit.to());
    }

    @PutMapping("/units/{id}")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> make(@PathVariable UUID id, @Valid @RequestBody UnitFormBody body) {
        teams.require(body.classId());
        planning.make(id, body.toForm());
        return tagged(boards.view(id));
    }

    @GetMapping("/units/{id}")
    @MayRead(of = Subject.UNIT)
    ResponseEntity<UnitView> unit(@PathVariable UUID id) {
        return tagged(boards.view(id));
    }

    @PostMapping("/units/{id}/edits")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> edit(@PathVariable UUID id, IfMatch version, @Valid @RequestBody EditBody body) {
        return tagged(editing.edit(id, body::toEdit, version));
    }

    @PostMapping("/units/{id}/replan")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> replan(@PathVariable UUID id, IfMatch version) {
        return tagged(planning.replan(id, version));
    }

    @PostMapping("/units/{id}/undo")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> undo(@PathVariable UUID id, IfMatch version) {
        return tagged(changes.undoOnTop(id, version).orElseGet(() -> editing.undo(id, version)));
    }

    @PostMapping("/units/{id}/redo")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> redo(@PathVariable UUID id, IfMatch version) {
        changes.refuseRedo(id);
        return tagged(editing.redo(id, version));
    }

    /** Classes on the same cues, and who was taught what that the other was not. */
    @GetMapping("/units/{id}/other-classes")
    @MayRead(of = Subject.UNIT)
    List<OtherClasses.OtherClass> others(@PathVariable UUID id) {
        return others.of(id, teams.visible());
    }

    @GetMapping("/units/{id}/segments/{segment}/alternatives")
    @MayPlan(of = Subject.UNIT)
    List<Alternative> alternatives(
            @PathVariable UUID id, @PathVariable UUID segment, @RequestParam(defaultValue = "false") boolean beside) {
        return alternatives.of(id, segment, beside, ALTERNATIVES);
    }

    private static ResponseEntity<UnitView> tagged(UnitView view) {
        return Tagged.of(view, view.head());
    }
}
