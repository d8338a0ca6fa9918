package io.isokinet.server.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.MayReport;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
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
import org.springframework.web.bind.annotation.DeleteMapping;
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
    private final RemovedUnits removed;
    private final OtherClasses others;
    private final KnowHows knowHows;
    private final Teams teams;
    private final ClassCueSets cueSets;

    UnitController(
            UnitHeaders headers,
            UnitBoards boards,
            UnitPlanning planning,
            UnitEditing editing,
            Alternatives alternatives,
            LessonChanges changes,
            RemovedUnits removed,
            OtherClasses others,
            KnowHows knowHows,
            Teams teams,
            ClassCueSets cueSets) {
        this.cueSets = cueSets;
        this.headers = headers;
        this.boards = boards;
        this.planning = planning;
        this.editing = editing;
        this.alternatives = alternatives;
        this.changes = changes;
        this.removed = removed;
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
            @Nullable List<CueChoiceForm> cues,
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
                    cues == null ? List.of() : cues,
                    lessons.stream().map(LessonBody::toForm).toList());
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

    /** Keys of the cue sets that a class works with, one a skill that it has units of. */
    @GetMapping("/classes/{id}/cue-sets")
    @MayReport(of = Subject.CLASS)
    List<String> cueSets(@PathVariable UUID id) {
        return List.copyOf(cueSets.of(id).values());
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

    /** Takes it away, for a while with a way back. */
    @DeleteMapping("/units/{id}")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<Void> remove(@PathVariable UUID id) {
        removed.remove(id);
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/removed-units")
    @MayPlan
    List<RemovedUnits.RemovedView> removed() {
        return removed.all();
    }

    @PostMapping("/removed-units/{id}/back")
    @MayPlan
    ResponseEntity<UnitView> bringBack(@PathVariable UUID id) {
        return tagged(removed.bringBack(id));
    }

    /** @param title 1 to 120 characters */
    record TitleBody(@NotBlank String title) {}

    @PutMapping("/units/{id}/title")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> rename(@PathVariable UUID id, @Valid @RequestBody TitleBody body) {
        return tagged(editing.rename(id, body.title()));
    }

    @PostMapping("/units/{id}/edits")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> edit(@PathVariable UUID id, IfMatch version, @Valid @RequestBody EditForm body) {
        return tagged(editing.edit(id, body::toEdit, version));
    }

    @PostMapping("/units/{id}/replan")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> replan(@PathVariable UUID id, IfMatch version) {
        return tagged(planning.replan(id, version));
    }

    /** What would become of the stretches that do not fit any more, a sentence each. */
    @GetMapping("/units/{id}/refit")
    @MayPlan(of = Subject.UNIT)
    List<String> misfits(@PathVariable UUID id) {
        return editing.misfits(id);
    }

    @PostMapping("/units/{id}/refit")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> refit(@PathVariable UUID id, IfMatch version) {
        return tagged(editing.refit(id, version));
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
