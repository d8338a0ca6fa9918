package io.isokinet.server.unit;

import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.Free;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.ClosedLessons.ClosedLesson;
import io.isokinet.server.unit.LessonChanges.LessonChangeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
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

/** When lessons are, where they stand, and what happens to them. */
@RestController
@RequestMapping("/api")
class LessonDateController {
    private static final int MOST_DATES = 40;

    private final UnitHeaders headers;
    private final TermStrip strip;
    private final LessonChanges changes;
    private final ClosedLessons closed;
    private final LessonStanding standing;
    private final Calendars calendars;
    private final Schools schools;
    private final Teams teams;
    private final Clock clock;

    LessonDateController(
            UnitHeaders headers,
            TermStrip strip,
            LessonChanges changes,
            ClosedLessons closed,
            LessonStanding standing,
            Calendars calendars,
            Schools schools,
            Teams teams,
            Clock clock) {
        this.headers = headers;
        this.strip = strip;
        this.changes = changes;
        this.closed = closed;
        this.standing = standing;
        this.calendars = calendars;
        this.schools = schools;
        this.teams = teams;
        this.clock = clock;
    }

    /** @param ran segments that ran, of a lesson that was taught; left out for all */
    record StateBody(
            @NotNull LessonState state,
            @Nullable @Size(max = 60) List<UUID> ran) {}

    @PutMapping("/lessons/{id}/state")
    @MayPlan(of = Subject.LESSON)
    ResponseEntity<Void> state(@PathVariable UUID id, @Valid @RequestBody StateBody body) {
        standing.say(id, body.state(), body.ran(), clock.instant());
        return ResponseEntity.noContent().build();
    }

    record PreparedBody(boolean prepared) {}

    /** Printed, laid out or told to the class: a replan changes such a lesson last. */
    @PutMapping("/lessons/{id}/prepared")
    @MayPlan(of = Subject.LESSON)
    ResponseEntity<Void> prepared(@PathVariable UUID id, @Valid @RequestBody PreparedBody body) {
        standing.prepare(id, body.prepared());
        return ResponseEntity.noContent().build();
    }

    /** @param around a day of the term that is wanted; today if left out */
    @GetMapping("/term")
    @MayRead
    TermStrip.StripView term(@RequestParam(required = false) @Nullable LocalDate around) {
        return strip.view(around);
    }

    /** Lost, moved, swapped, shortened or indoors; the rest of the unit with it. */
    @PostMapping("/lessons/{id}/changes")
    @MayPlan(of = Subject.LESSON)
    LessonChangeView change(@PathVariable UUID id, @Valid @RequestBody LessonChangeForm body) {
        if (body instanceof LessonChangeForm.SwappedForm swapped) teams.require(Subject.LESSON, swapped.with());
        return changes.change(id, body);
    }

    @GetMapping("/lessons/{id}/changes")
    @MayRead(of = Subject.LESSON)
    List<LessonChangeView> changes(@PathVariable UUID id) {
        return changes.of(Set.of(headers.lesson(id).lesson()));
    }

    /** Planned lessons that a closure falls on. */
    @GetMapping("/calendar/closures/{id}/lessons")
    @LeadOnly
    List<ClosedLesson> closed(@PathVariable UUID id) {
        return closed.in(id);
    }

    record RestBody(@NotNull LessonChangeForm.Rest rest) {}

    /** Loses all of them at once; what cannot be done is said unit by unit, and the others are done. */
    @PostMapping("/calendar/closures/{id}/lessons")
    @LeadOnly
    ClosedLessons.Answer lose(@PathVariable UUID id, @Valid @RequestBody RestBody body) {
        return closed.lose(id, body.rest());
    }

    @PostMapping("/changes/{id}/undo")
    @MayPlan(of = Subject.CHANGE)
    LessonChangeView undoChange(@PathVariable UUID id) {
        return changes.undo(id);
    }

    /** The next dates in the timetable of a class that no lesson is on. */
    @GetMapping("/classes/{id}/dates")
    @MayPlan(of = Subject.CLASS)
    List<Free> dates(
            @PathVariable UUID id, @RequestParam(required = false) @Nullable LocalDate from, @RequestParam int most) {
        return calendars.free(
                id,
                from == null ? schools.today() : from,
                Math.min(most, MOST_DATES),
                headers.dates(id, LessonState.PLANNED, LessonState.TAUGHT));
    }
}
