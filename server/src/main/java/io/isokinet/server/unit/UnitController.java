package io.isokinet.server.unit;

import io.isokinet.core.unit.Edit;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.Free;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonChanges.ChangeForm;
import io.isokinet.server.unit.LessonChanges.LessonChangeView;
import io.isokinet.server.unit.Units.Alternative;
import io.isokinet.server.unit.Units.LessonForm;
import io.isokinet.server.unit.Units.UnitForm;
import io.isokinet.server.unit.Units.UnitLine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class UnitController {
    private static final int ALTERNATIVES = 6;

    private final Units units;
    private final TermStrip strip;
    private final LessonChanges changes;
    private final OtherClasses others;
    private final Calendars calendars;
    private final Schools schools;
    private final Teams teams;
    private final Clock clock;

    UnitController(
            Units units,
            TermStrip strip,
            LessonChanges changes,
            OtherClasses others,
            Calendars calendars,
            Schools schools,
            Teams teams,
            Clock clock) {
        this.units = units;
        this.strip = strip;
        this.changes = changes;
        this.others = others;
        this.calendars = calendars;
        this.schools = schools;
        this.teams = teams;
        this.clock = clock;
    }

    /** @param starts null if no time is said */
    record LessonBody(
            @NotNull(message = "is needed") LocalDate onDate,
            @Nullable LocalTime starts,
            @NotNull(message = "is needed") Integer minutes,
            @NotNull(message = "is needed") UUID spaceId) {
        LessonForm toForm() {
            return new LessonForm(onDate, starts, minutes, spaceId);
        }
    }

    record UnitFormBody(
            @NotNull(message = "is needed") UUID classId,
            @NotBlank(message = "is needed") String title,
            @NotNull(message = "is needed") List<String> cueSets,
            @NotNull(message = "is needed") Wishes.Order order,
            @Nullable Integer newCues,
            @Nullable List<Integer> shares,
            UnitBody.@Nullable MoreWishes more,
            @NotNull(message = "is needed") List<@Valid LessonBody> lessons) {
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
     * @param lesson index from 0, for MOVE_TO @param position for MOVE and MOVE_TO @param activity for SWAP and ADD
     * @param setting for ADJUST @param minutes for MINUTES
     */
    record EditBody(
            @NotNull(message = "is needed") EditKind kind,
            @NotNull(message = "is needed") UUID segment,
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

    record ChangeBody(
            @NotNull(message = "is needed") LessonChanges.Kind kind,
            @Nullable String why,
            LessonChanges.@Nullable Rest rest,
            @Nullable LocalDate onDate,
            @Nullable LocalTime starts,
            @Nullable Integer minutes,
            @Nullable UUID spaceId,
            @Nullable UUID with,
            boolean anyway) {}

    record StateBody(@NotNull(message = "is needed") LessonState state) {}

    @GetMapping("/units")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<UnitLine> units() {
        Predicate<UUID> visible = teams.visible();
        return units.all().stream().filter(u -> visible.test(u.classId())).toList();
    }

    @PutMapping("/units/{id}")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> make(@PathVariable UUID id, @Valid @RequestBody UnitFormBody body) {
        teams.require(body.classId());
        units.make(id, body.toForm());
        return tagged(units.view(id));
    }

    @GetMapping("/units/{id}")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.UNIT)
    ResponseEntity<UnitView> unit(@PathVariable UUID id) {
        return tagged(units.view(id));
    }

    @PostMapping("/units/{id}/edits")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> edit(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody EditBody body) {
        return tagged(units.edit(id, body::toEdit, ifMatch));
    }

    @PostMapping("/units/{id}/replan")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> replan(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return tagged(units.replan(id, ifMatch));
    }

    @PostMapping("/units/{id}/undo")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> undo(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return tagged(changes.undoOnTop(id, ifMatch).orElseGet(() -> units.undo(id, ifMatch)));
    }

    @PostMapping("/units/{id}/redo")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> redo(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        changes.refuseRedo(id);
        return tagged(units.redo(id, ifMatch));
    }

    /** Classes on the same cues, and who was taught what that the other was not. */
    @GetMapping("/units/{id}/other-classes")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.UNIT)
    List<OtherClasses.OtherClass> others(@PathVariable UUID id) {
        return others.of(id, teams.visible());
    }

    @GetMapping("/units/{id}/segments/{segment}/alternatives")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    List<Alternative> alternatives(
            @PathVariable UUID id, @PathVariable UUID segment, @RequestParam(defaultValue = "false") boolean beside) {
        return units.alternatives(id, segment, beside, ALTERNATIVES);
    }

    @PutMapping("/lessons/{id}/state")
    @Allowed(value = Role.TEACHER, of = Subject.LESSON)
    ResponseEntity<Void> state(@PathVariable UUID id, @Valid @RequestBody StateBody body) {
        units.state(id, body.state(), clock.instant());
        return ResponseEntity.noContent().build();
    }

    /** @param around a day of the term that is wanted; today if left out */
    @GetMapping("/term")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    TermStrip.StripView term(@RequestParam(required = false) @Nullable LocalDate around) {
        return strip.view(around);
    }

    /** Lost, moved, swapped, shortened or indoors; the rest of the unit with it. */
    @PostMapping("/lessons/{id}/changes")
    @Allowed(value = Role.TEACHER, of = Subject.LESSON)
    LessonChangeView change(@PathVariable UUID id, @Valid @RequestBody ChangeBody body) {
        if (body.with() != null) teams.require(Subject.LESSON, body.with());
        return changes.change(
                id,
                new ChangeForm(
                        body.kind(),
                        body.why() == null ? "" : body.why(),
                        body.rest(),
                        body.onDate(),
                        body.starts(),
                        body.minutes(),
                        body.spaceId(),
                        body.with(),
                        body.anyway()));
    }

    @GetMapping("/lessons/{id}/changes")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.LESSON)
    List<LessonChangeView> changes(@PathVariable UUID id) {
        return changes.of(List.of(units.lesson(id).id()));
    }

    @PostMapping("/changes/{id}/undo")
    @Allowed(value = Role.TEACHER, of = Subject.CHANGE)
    LessonChangeView undoChange(@PathVariable UUID id) {
        return changes.undo(id);
    }

    /** The next dates in the timetable of a class that no lesson is on. */
    @GetMapping("/classes/{id}/dates")
    @Allowed(value = Role.TEACHER, of = Subject.CLASS)
    List<Free> dates(
            @PathVariable UUID id, @RequestParam(required = false) @Nullable LocalDate from, @RequestParam int most) {
        return calendars.free(id, from == null ? schools.today() : from, Math.min(most, 40), units.dates(id));
    }

    private static ResponseEntity<UnitView> tagged(UnitView view) {
        return ResponseEntity.ok().eTag(view.head().toString()).body(view);
    }
}
