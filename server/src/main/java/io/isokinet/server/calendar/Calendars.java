package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.Occurrence;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.calendar.Slot;
import io.isokinet.core.calendar.UsableMinutes;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.check.Finding;
import io.isokinet.server.account.Audit;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The school's year as it is kept: terms, closures, timetable, bookings. */
@Service
public class Calendars {
    private static final int LONGEST_TERM = 370;
    private static final LocalTime EARLIEST = LocalTime.of(5, 0);
    private static final LocalTime LATEST = LocalTime.of(22, 0);
    /** How far ahead free dates are looked for without terms. */
    private static final int WEEKS_AHEAD = 60;

    interface TermRows extends JpaRepository<TermRow, UUID> {}

    interface ClosureRows extends JpaRepository<ClosureRow, UUID> {}

    interface SlotRows extends JpaRepository<SlotRow, UUID> {
        /** Those of classes that are there: with a class that left its lessons of the week are out of the timetable, until it comes back. */
        @Query("select s from SlotRow s where s.classId in (select c.id from SchoolClass c where c.leftOn is null)")
        List<SlotRow> there();
    }

    private final TermRows terms;
    private final ClosureRows closures;
    private final SlotRows slots;
    private final BookingRows bookings;
    private final Schools schools;
    private final Classes classes;
    private final Spaces spaces;
    private final Audit audit;

    Calendars(
            TermRows terms,
            ClosureRows closures,
            SlotRows slots,
            BookingRows bookings,
            Schools schools,
            Classes classes,
            Spaces spaces,
            Audit audit) {
        this.terms = terms;
        this.closures = closures;
        this.slots = slots;
        this.bookings = bookings;
        this.schools = schools;
        this.classes = classes;
        this.spaces = spaces;
        this.audit = audit;
    }

    public record TermView(
            UUID id,
            String name,
            LocalDate first,
            LocalDate last,
            @Nullable Integer version) {}

    /**
     * @param from the day ends early, at this time; null if it is wholly off
     * @param lessons how many of the timetable it takes
     */
    public record ClosureView(
            UUID id,
            String name,
            LocalDate first,
            LocalDate last,
            @Nullable LocalTime from,
            long lessons,
            @Nullable Integer version) {}

    /**
     * @param usable minutes to teach in
     * @param reason how they come about
     */
    public record SlotView(
            UUID id,
            UUID classId,
            String className,
            DayOfWeek day,
            Weeks weeks,
            LocalTime starts,
            LocalTime ends,
            int minutes,
            UUID spaceId,
            String space,
            int usable,
            String reason,
            @Nullable Integer version) {}

    /** What was imported from one file for one place. */
    public record BookingsView(String source, UUID spaceId, String space, int count, Instant next) {}

    /** @param findings what does not go together; a rule and a sentence each */
    public record CalendarView(
            List<TermView> terms,
            List<ClosureView> closures,
            List<SlotView> slots,
            List<BookingsView> bookings,
            List<Finding> findings) {}

    public record TermForm(String name, LocalDate first, LocalDate last) {}

    public record ClosureForm(
            String name,
            LocalDate first,
            LocalDate last,
            @Nullable LocalTime from) {}

    public record SlotForm(UUID classId, DayOfWeek day, Weeks weeks, LocalTime starts, int minutes, UUID spaceId) {}

    /**
     * A date of the timetable that a lesson could be on.
     *
     * @param minutes usable ones
     */
    public record Free(
            LocalDate day, LocalTime starts, int minutes, int timetabled, String reason, UUID spaceId, String space) {}

    /** The year as the core computes with it. */
    @Transactional(readOnly = true)
    public SchoolYear year() {
        ZoneId zone = schools.zone();
        return new SchoolYear(
                schools.weekStarts(),
                terms.findAll().stream().map(TermRow::toTerm).toList(),
                closures.findAll().stream().map(ClosureRow::toClosure).toList(),
                slots.there().stream().map(SlotRow::toSlot).toList(),
                bookings.findAll().stream().map(b -> b.toBooking(zone)).toList());
    }

    @Transactional(readOnly = true)
    public CalendarView view() {
        SchoolYear year = year();
        Map<UUID, SpaceView> places = places();
        Map<UUID, ClassView> groups = groups();
        List<SlotView> slotViews = slots.there().stream()
                .filter(s -> groups.containsKey(s.classId))
                .map(s -> view(s, groups.get(s.classId), places.get(s.spaceId)))
                .sorted(Comparator.comparing(SlotView::day).thenComparing(SlotView::starts))
                .toList();
        List<Finding> findings = new ArrayList<>(year.check().all());
        slotViews.stream()
                .filter(s -> s.usable() < Slot.LEAST)
                .forEach(s -> findings.add(new Finding(
                        "time-to-teach",
                        s.id().toString(),
                        "%s, %s: %s Too few to teach in.".formatted(s.className(), s.starts(), s.reason()))));
        return new CalendarView(
                terms.findAll().stream()
                        .sorted(Comparator.comparing(t -> t.firstDay))
                        .map(t -> new TermView(t.id(), t.name, t.firstDay, t.lastDay, t.version()))
                        .toList(),
                closures.findAll().stream()
                        .sorted(Comparator.comparing(c -> c.firstDay))
                        .map(c -> view(c, year))
                        .toList(),
                slotViews,
                bookings(places),
                findings);
    }

    @Transactional
    public void putTerm(UUID id, TermForm form, IfMatch version) {
        Fields fields = named(form.name());
        days(fields, form.first(), form.last());
        fields.done();
        Days wanted = new Days(form.first(), form.last());
        fields.check(wanted.count() <= LONGEST_TERM, "last", "is more than a year after the first day.");
        for (TermRow other : terms.findAll())
            if (!other.id().equals(id) && other.toTerm().days().overlaps(wanted))
                fields.check(
                        false,
                        "first",
                        "overlaps %s, %s to %s. Begin it after that, or shorten the other one."
                                .formatted(other.name, other.firstDay, other.lastDay));
        fields.done();
        TermRow row = terms.findById(id).orElse(null);
        if (row == null) row = new TermRow(id);
        else version.require("term", row.version());
        row.name = form.name().strip();
        row.firstDay = form.first();
        row.lastDay = form.last();
        terms.saveAndFlush(row);
    }

    @Transactional
    public void removeTerm(UUID id) {
        terms.delete(terms.findById(id).orElseThrow(() -> new NotFoundException("term", id)));
    }

    @Transactional
    public void putClosure(UUID id, ClosureForm form, IfMatch version) {
        Fields fields = named(form.name());
        days(fields, form.first(), form.last());
        fields.done();
        ClosureRow row = closures.findById(id).orElse(null);
        if (row == null) row = new ClosureRow(id);
        else version.require("closure", row.version());
        row.name = form.name().strip();
        row.firstDay = form.first();
        row.lastDay = form.last();
        row.fromTime = form.from();
        closures.saveAndFlush(row);
    }

    @Transactional
    public void removeClosure(UUID id) {
        closures.delete(closures.findById(id).orElseThrow(() -> new NotFoundException("closure", id)));
    }

    @Transactional
    public void putSlot(UUID id, SlotForm form, IfMatch version) {
        new Fields()
                .check(
                        form.minutes() >= Slot.LEAST && form.minutes() <= Slot.MOST,
                        "minutes",
                        "must be %d to %d; give two lessons if it is longer.".formatted(Slot.LEAST, Slot.MOST))
                .check(
                        !form.starts().isBefore(EARLIEST)
                                && !form.starts().plusMinutes(form.minutes()).isAfter(LATEST)
                                && form.starts().isBefore(LATEST),
                        "starts",
                        "must lie between %s and %s, the end too.".formatted(EARLIEST, LATEST))
                .done();
        ClassView group = classes.view(form.classId());
        spaces.view(form.spaceId());
        SlotRow row = slots.findById(id).orElse(null);
        if (row == null) row = new SlotRow(id);
        else version.require("lesson of the timetable", row.version());
        row.classId = form.classId();
        row.weekday = form.day();
        row.weeks = form.weeks();
        row.starts = form.starts();
        row.minutes = form.minutes();
        row.spaceId = form.spaceId();
        Slot wanted = row.toSlot();
        for (SlotRow other : slots.there())
            if (!other.id().equals(id)
                    && other.classId.equals(form.classId())
                    && other.toSlot().clashes(wanted))
                new Fields()
                        .check(
                                false,
                                "starts",
                                "%s has a lesson from %s to %s then. Change that one first, or choose another time."
                                        .formatted(
                                                group.name(),
                                                other.starts,
                                                other.toSlot().ends()))
                        .done();
        slots.saveAndFlush(row);
    }

    @Transactional
    public void removeSlot(UUID id) {
        slots.delete(slots.findById(id).orElseThrow(() -> new NotFoundException("lesson of the timetable", id)));
    }

    /**
     * The next free dates of a class in its timetable.
     *
     * @param taken dates that lessons are on already
     */
    @Transactional(readOnly = true)
    public List<Free> free(UUID classId, LocalDate from, int most, List<LocalDate> taken) {
        ClassView group = classes.view(classId);
        Map<UUID, SpaceView> places = places();
        return year().occurrences(classId.toString(), new Days(from, from.plusWeeks(WEEKS_AHEAD))).stream()
                .filter(Occurrence::open)
                .filter(o -> !taken.contains(o.day()))
                .limit(most)
                .map(o -> free(o, group, places))
                .toList();
    }

    private static Free free(Occurrence o, ClassView group, Map<UUID, SpaceView> places) {
        SpaceView place = places.get(UUID.fromString(o.slot().place()));
        UsableMinutes usable = usable(o.slot().minutes(), group, place);
        return new Free(
                o.day(),
                o.slot().starts(),
                usable.minutes(),
                o.slot().minutes(),
                usable.reason(),
                place.id(),
                place.name());
    }

    /** What is left to teach in of a lesson of so many minutes in the timetable. */
    static UsableMinutes usable(int timetabled, ClassView group, SpaceView place) {
        return UsableMinutes.of(timetabled, place.walkingMinutes(), group.changingMinutes(), group.shoesMinutes());
    }

    private SlotView view(SlotRow row, ClassView group, SpaceView place) {
        UsableMinutes usable = usable(row.minutes, group, place);
        return new SlotView(
                row.id(),
                row.classId,
                group.name(),
                row.weekday,
                row.weeks,
                row.starts,
                row.toSlot().ends(),
                row.minutes,
                row.spaceId,
                place.name(),
                usable.minutes(),
                usable.reason(),
                row.version());
    }

    private static ClosureView view(ClosureRow row, SchoolYear year) {
        long taken = year.occurrences(new Days(row.firstDay, row.lastDay)).stream()
                .filter(o -> row.toClosure().closes(o.day(), o.slot().ends()))
                .count();
        return new ClosureView(row.id(), row.name, row.firstDay, row.lastDay, row.fromTime, taken, row.version());
    }

    private List<BookingsView> bookings(Map<UUID, SpaceView> places) {
        record Key(String source, UUID space) {}
        Map<Key, List<BookingRow>> groups =
                bookings.findAll().stream().collect(Collectors.groupingBy(b -> new Key(b.source, b.spaceId)));
        return groups.entrySet().stream()
                .map(e -> new BookingsView(
                        e.getKey().source(),
                        e.getKey().space(),
                        places.get(e.getKey().space()).name(),
                        e.getValue().size(),
                        e.getValue().stream()
                                .map(b -> b.starts)
                                .min(Comparator.naturalOrder())
                                .orElseThrow()))
                .sorted(Comparator.comparing(BookingsView::source))
                .toList();
    }

    private Map<UUID, SpaceView> places() {
        return spaces.all().stream().collect(Collectors.toMap(SpaceView::id, Function.identity()));
    }

    private Map<UUID, ClassView> groups() {
        List<UUID> ids = classes.all().stream().map(ClassLine::id).toList();
        return classes.views(ids).stream().collect(Collectors.toMap(ClassView::id, Function.identity()));
    }

    private static Fields named(String name) {
        return new Fields().check(!name.isBlank() && name.strip().length() <= 60, "name", "needs 1 to 60 characters.");
    }

    private static void days(Fields fields, LocalDate first, LocalDate last) {
        fields.check(!last.isBefore(first), "last", "is before the first day (%s); swap them?".formatted(first));
    }

    /** From today to the end of the last term, or a year ahead without terms. */
    Days horizon() {
        LocalDate today = schools.today();
        LocalDate last = terms.findAll().stream()
                .map(t -> t.lastDay)
                .filter(d -> d.isAfter(today))
                .max(Comparator.naturalOrder())
                .orElse(today.plusYears(1));
        LocalDate first = Stream.concat(
                        Stream.of(today),
                        terms.findAll().stream().map(t -> t.firstDay).filter(d -> !d.isAfter(today)))
                .filter(d -> !d.isAfter(today))
                .max(Comparator.naturalOrder())
                .orElse(today);
        return new Days(first, last);
    }
}
