package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Slot;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars.CalendarView;
import io.isokinet.server.calendar.Calendars.ClosureForm;
import io.isokinet.server.calendar.Calendars.SlotForm;
import io.isokinet.server.calendar.Calendars.TermForm;
import io.isokinet.server.calendar.IcsReader.Read;
import io.isokinet.server.calendar.PastedTimetables.PastedTimetable;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.Uploads;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Each change answers with the calendar as it is now, with what does not go together in it. */
@RestController
@RequestMapping("/api/calendar")
class CalendarController {
    private final Calendars calendars;
    private final PastedTimetables pasted;
    private final Bookings bookings;
    private final Teams teams;

    CalendarController(Calendars calendars, PastedTimetables pasted, Bookings bookings, Teams teams) {
        this.calendars = calendars;
        this.pasted = pasted;
        this.bookings = bookings;
        this.teams = teams;
    }

    record TermBody(
            @NotBlank String name,
            @NotNull LocalDate first,
            @NotNull LocalDate last) {}

    record ClosureBody(
            @NotBlank String name,
            @NotNull LocalDate first,
            @NotNull LocalDate last,
            @Nullable LocalTime from) {}

    record SlotBody(
            @NotNull UUID classId,
            @NotNull DayOfWeek day,
            @NotNull Weeks weeks,
            @NotNull LocalTime starts,
            @NotNull Integer minutes,
            @NotNull UUID spaceId) {}

    @GetMapping
    @MayRead
    CalendarView calendar() {
        Predicate<UUID> visible = teams.visible();
        CalendarView all = calendars.view();
        return new CalendarView(
                all.terms(),
                all.closures(),
                all.slots().stream().filter(s -> visible.test(s.classId())).toList(),
                all.bookings(),
                all.findings());
    }

    @PutMapping("/terms/{id}")
    @LeadOnly
    CalendarView putTerm(@PathVariable UUID id, IfMatch version, @Valid @RequestBody TermBody body) {
        calendars.putTerm(id, new TermForm(body.name(), body.first(), body.last()), version);
        return calendars.view();
    }

    @DeleteMapping("/terms/{id}")
    @LeadOnly
    CalendarView removeTerm(@PathVariable UUID id) {
        calendars.removeTerm(id);
        return calendars.view();
    }

    @PutMapping("/closures/{id}")
    @LeadOnly
    CalendarView putClosure(@PathVariable UUID id, IfMatch version, @Valid @RequestBody ClosureBody body) {
        calendars.putClosure(id, new ClosureForm(body.name(), body.first(), body.last(), body.from()), version);
        return calendars.view();
    }

    @DeleteMapping("/closures/{id}")
    @LeadOnly
    CalendarView removeClosure(@PathVariable UUID id) {
        calendars.removeClosure(id);
        return calendars.view();
    }

    @PutMapping("/slots/{id}")
    @LeadOnly
    CalendarView putSlot(@PathVariable UUID id, IfMatch version, @Valid @RequestBody SlotBody body) {
        calendars.putSlot(
                id,
                new SlotForm(body.classId(), body.day(), body.weeks(), body.starts(), body.minutes(), body.spaceId()),
                version);
        return calendars.view();
    }

    /** @param minutes of a lesson of which only the start is said @param take false to look only */
    record PasteBody(
            @NotBlank @Size(max = 20000) String text,
            @NotNull @Min(Slot.LEAST) @Max(Slot.MOST) Integer minutes,
            @NotNull UUID spaceId,
            boolean take) {}

    /** A timetable as it is pasted from a spreadsheet: looked at, then taken whole or not at all. */
    @PostMapping("/slots/paste")
    @LeadOnly
    PastedTimetable paste(@Valid @RequestBody PasteBody body) {
        return pasted.paste(body.text(), body.minutes(), body.spaceId(), body.take());
    }

    @DeleteMapping("/slots/{id}")
    @LeadOnly
    CalendarView removeSlot(@PathVariable UUID id) {
        calendars.removeSlot(id);
        return calendars.view();
    }

    /** @param take false to only see what would come in */
    @PostMapping(path = "/bookings", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @LeadOnly
    Read bookings(@RequestPart("files") MultipartFile file, @RequestParam UUID space, @RequestParam boolean take) {
        return bookings.take(space, Uploads.name(file), Uploads.bytes(file), take);
    }

    @DeleteMapping("/bookings")
    @LeadOnly
    CalendarView removeBookings(@RequestParam UUID space, @RequestParam String source) {
        bookings.remove(space, source);
        return calendars.view();
    }
}
