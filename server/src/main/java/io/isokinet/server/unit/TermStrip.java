package io.isokinet.server.unit;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.Occurrence;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.calendar.Term;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.CalendarView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.UnitHeaders.Stand;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Time as navigation: a line a class, a bead a lesson, over the term. */
@Service
class TermStrip {
    private static final int WEEKS_BACK = 5;
    private static final int USUAL_WEEKS = 13;
    private static final int MOST_WEEKS = 20;

    private final Classes classes;
    private final Schools schools;
    private final Calendars calendars;
    private final Teams teams;
    private final UnitHeaders headers;
    private final UnitBoards boards;

    TermStrip(
            Classes classes,
            Schools schools,
            Calendars calendars,
            Teams teams,
            UnitHeaders headers,
            UnitBoards boards) {
        this.classes = classes;
        this.schools = schools;
        this.calendars = calendars;
        this.teams = teams;
        this.headers = headers;
        this.boards = boards;
    }

    /** What a bead says. */
    enum Bead {
        FITS,
        STRAINED,
        TAUGHT,
        LOST
    }

    /** @param clash what stands in the way of it on its date; null if nothing does */
    record BeadView(
            UUID lesson,
            UUID unit,
            String title,
            int number,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            String space,
            Bead bead,
            @Nullable String clash) {}

    /** A lesson of the timetable, from today on, that nothing is planned for. */
    record OpenView(LocalDate day, LocalTime starts) {}

    /** @param days from today on when the timetable has a lesson of the class, closed ones left out @param step if another class with the same unit is further or less far; null if none is */
    record ClassBeads(
            ClassLine schoolClass,
            List<BeadView> beads,
            List<OpenView> open,
            List<LocalDate> days,
            @Nullable Step step) {}

    /** @param ahead lessons ahead of another class; less than zero for behind @param words the same in words */
    record Step(int ahead, String words) {}

    /** @param label "A" or "B" where the timetable has both; empty otherwise */
    record WeekView(LocalDate from, String label) {}

    /** Days without lessons. */
    record ClosedView(String name, LocalDate first, LocalDate last) {}

    /** @param from the first day of a week @param term its name; null outside terms */
    record StripView(
            LocalDate from,
            @Nullable String term,
            List<WeekView> weeks,
            LocalDate today,
            List<ClosedView> closed,
            List<ClassBeads> classes) {}

    /** @param around a day of the term that is wanted; null for today */
    @Transactional(readOnly = true)
    public StripView view(@Nullable LocalDate around) {
        LocalDate today = schools.today();
        SchoolYear year = calendars.year();
        CalendarView calendar = calendars.view();
        Predicate<UUID> visible = teams.visible();
        LocalDate middle = around == null ? today : around;
        Optional<Term> term = near(year, middle);
        LocalDate from = year.start(term.map(t -> t.days().first()).orElse(middle.minusWeeks(WEEKS_BACK)));
        int weeks = term.map(t ->
                        (int) ChronoUnit.WEEKS.between(from, year.start(t.days().last())) + 1)
                .orElse(USUAL_WEEKS);
        // A term of a whole year is shown around the day that is wanted.
        LocalDate shownFrom = weeks > MOST_WEEKS ? year.start(middle.minusWeeks(WEEKS_BACK)) : from;
        int shown = Math.min(weeks, MOST_WEEKS);
        LocalDate last = shownFrom.plusWeeks(shown).minusDays(1);
        boolean twoWeekly = calendar.slots().stream().anyMatch(s -> s.weeks() != Weeks.EVERY);
        List<ClassLine> lines =
                classes.all().stream().filter(c -> visible.test(c.id())).toList();
        Map<UUID, List<BeadView>> beads = beads(shownFrom, last, year);
        Map<UUID, Step> steps = steps(lines);
        return new StripView(
                shownFrom,
                term.map(Term::name).orElse(null),
                IntStream.range(0, shown)
                        .mapToObj(w -> shownFrom.plusWeeks(w))
                        .map(w -> new WeekView(w, twoWeekly ? week(year, w) : ""))
                        .toList(),
                today,
                closed(calendar, shownFrom, last),
                lines.stream()
                        .map(c -> new ClassBeads(
                                c,
                                beads.getOrDefault(c.id(), List.of()),
                                open(c.id(), beads.getOrDefault(c.id(), List.of()), year, today, last),
                                days(c.id(), year, today, last),
                                steps.get(c.id())))
                        .toList());
    }

    private static List<OpenView> open(
            UUID group, List<BeadView> beads, SchoolYear year, LocalDate today, LocalDate last) {
        if (last.isBefore(today)) return List.of();
        Set<LocalDate> planned = beads.stream().map(BeadView::onDate).collect(Collectors.toSet());
        return year.occurrences(group.toString(), new Days(today, last)).stream()
                .filter(o -> o.open() && !planned.contains(o.day()))
                .map(o -> new OpenView(o.day(), o.slot().starts()))
                .toList();
    }

    private static List<LocalDate> days(UUID group, SchoolYear year, LocalDate today, LocalDate last) {
        if (last.isBefore(today)) return List.of();
        return year.occurrences(group.toString(), new Days(today, last)).stream()
                .filter(Occurrence::open)
                .map(Occurrence::day)
                .distinct()
                .toList();
    }

    /** The term a day is in, or the one that begins next. */
    private static Optional<Term> near(SchoolYear year, LocalDate day) {
        return year.term(day).or(() -> year.terms().stream()
                .filter(t -> t.days().first().isAfter(day))
                .findFirst());
    }

    private static String week(SchoolYear year, LocalDate start) {
        return IntStream.range(0, 7)
                .mapToObj(start::plusDays)
                .map(year::week)
                .filter(w -> w != Weeks.EVERY)
                .map(Weeks::name)
                .findFirst()
                .orElse("");
    }

    private static List<ClosedView> closed(CalendarView calendar, LocalDate from, LocalDate last) {
        List<ClosedView> closed = new ArrayList<>();
        calendar.closures().stream()
                .filter(c -> c.from() == null)
                .filter(c -> !c.last().isBefore(from) && !c.first().isAfter(last))
                .forEach(c -> closed.add(new ClosedView(
                        c.name(),
                        c.first().isBefore(from) ? from : c.first(),
                        c.last().isAfter(last) ? last : c.last())));
        return closed;
    }

    private Map<UUID, List<BeadView>> beads(LocalDate from, LocalDate last, SchoolYear year) {
        Map<UUID, String> spaces = boards.spaceNames();
        Map<UUID, List<BeadView>> beads = new HashMap<>();
        headers.between(from, last).stream()
                .sorted(Comparator.comparing(LessonHeader::onDate)
                        .thenComparing(LessonHeader::starts, Comparator.nullsFirst(Comparator.naturalOrder())))
                .forEach(l -> beads.computeIfAbsent(l.classId(), c -> new ArrayList<>())
                        .add(new BeadView(
                                l.lesson(),
                                l.unit(),
                                l.title(),
                                l.number(),
                                l.onDate(),
                                l.starts(),
                                l.minutes(),
                                spaces.getOrDefault(l.spaceId(), ""),
                                bead(l),
                                DateClash.of(l, year))));
        return beads;
    }

    /** Classes with a unit of the same name that stand at different lessons of it. */
    private Map<UUID, Step> steps(List<ClassLine> lines) {
        Map<UUID, String> names = lines.stream().collect(Collectors.toMap(ClassLine::id, ClassLine::name));
        List<Stand> stands = headers.stands().stream()
                .filter(s -> names.containsKey(s.classId()) && s.coming() > 0)
                .toList();
        Map<UUID, Step> steps = new HashMap<>();
        for (Stand one : stands)
            stands.stream()
                    .filter(o -> !o.classId().equals(one.classId()) && o.title().equalsIgnoreCase(one.title()))
                    .filter(o -> o.taught() != one.taught())
                    .max(Comparator.comparing(o -> Math.abs(o.taught() - one.taught())))
                    .ifPresent(o -> steps.put(one.classId(), words(one.taught() - o.taught(), names.get(o.classId()))));
        return steps;
    }

    private static Step words(int ahead, String other) {
        int lessons = Math.abs(ahead);
        return new Step(
                ahead,
                "%d lesson%s %s %s"
                        .formatted(lessons, lessons == 1 ? "" : "s", ahead > 0 ? "ahead of" : "behind", other));
    }

    private static Bead bead(LessonHeader lesson) {
        return switch (lesson.state()) {
            case TAUGHT -> Bead.TAUGHT;
            case LOST -> Bead.LOST;
            case PLANNED -> lesson.fits() ? Bead.FITS : Bead.STRAINED;
        };
    }
}
