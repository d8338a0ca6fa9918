package io.isokinet.server.demo;

import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.ClosureForm;
import io.isokinet.server.calendar.Calendars.TermForm;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.mastery.CameTrue;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.YearNaming;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.LessonChangeForm;
import io.isokinet.server.unit.LessonChangeForm.Rest;
import io.isokinet.server.unit.LessonChanges;
import io.isokinet.server.unit.LessonForm;
import io.isokinet.server.unit.UnitBoards;
import io.isokinet.server.unit.UnitForm;
import io.isokinet.server.unit.UnitPlanning;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Saltfern Primary, a made-up harbour school of thirteen classes in mid-term: a school year behind and before it, with as many records
 * as one pair of eyes can make, lessons lost, and kit that does not suffice for everything. Made once, through the same services as all
 * else.
 */
@Component
@ConditionalOnProperty("isokinet.demo")
@Order(10)
class DemoSchool implements ApplicationRunner {
    static final String SIGN_IN = "demo";
    static final String PASSWORD = "saltfern-harbour";
    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    private static final int FRIDAY = 4;

    private final Accounts accounts;
    private final Schools schools;
    private final DemoPlaces places;
    private final DemoClasses classes;
    private final DemoUnits units;
    private final DemoLooks looks;
    private final DemoYear others;
    private final Classes schoolClasses;
    private final Calendars calendars;
    private final Teams teams;
    private final UnitPlanning planning;
    private final UnitBoards boards;
    private final LessonChanges changes;
    private final CameTrue cameTrue;
    private final JdbcClient jdbc;

    DemoSchool(
            Accounts accounts,
            Schools schools,
            DemoPlaces places,
            DemoClasses classes,
            DemoUnits units,
            DemoLooks looks,
            DemoYear others,
            Classes schoolClasses,
            Calendars calendars,
            Teams teams,
            UnitPlanning planning,
            UnitBoards boards,
            LessonChanges changes,
            CameTrue cameTrue,
            JdbcClient jdbc) {
        this.accounts = accounts;
        this.schools = schools;
        this.places = places;
        this.classes = classes;
        this.units = units;
        this.looks = looks;
        this.others = others;
        this.schoolClasses = schoolClasses;
        this.calendars = calendars;
        this.teams = teams;
        this.planning = planning;
        this.boards = boards;
        this.changes = changes;
        this.cameTrue = cameTrue;
        this.jdbc = jdbc;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        boolean there = jdbc.sql("select exists (select 1 from person where sign_in = :signIn)")
                .param("signIn", SIGN_IN)
                .query(Boolean.class)
                .single();
        if (there) return;
        UUID school = schools.add("Saltfern Primary", YearNaming.YEARS, ZONE);
        UUID person = accounts.add(school, SIGN_IN, "Robin Sedge", PASSWORD, Role.LEAD);
        SignedIn teacher = new SignedIn(person, school, "Robin Sedge", Role.LEAD);
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of()));
        try (SchoolScope.Entered scope = SchoolScope.enter(school)) {
            fill(teacher);
            cameTrue.count();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private void fill(SignedIn teacher) {
        LocalDate today = schools.today();
        // At a weekend the demo's day is the next Monday.
        LocalDate day =
                today.getDayOfWeek().getValue() > 5 ? today.with(TemporalAdjusters.next(DayOfWeek.MONDAY)) : today;
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        UUID hall = Ids.next();
        UUID yard = Ids.next();
        places.places(hall, yard);
        places.cupboard();
        LocalDate since = today.minusWeeks(9);
        UUID dunlins = classes.add("Dunlins", 5, 22, 2, since);
        UUID sanderlings = classes.add("Sanderlings", 7, 27, 5, since);
        UUID turnstones = classes.add("Turnstones", 9, 31, 3, since);
        adaptations(sanderlings);
        terms(monday);
        DayOfWeek first = day.getDayOfWeek();
        DayOfWeek second = DayOfWeek.of((first.getValue() + 1) % 5 + 1);
        classes.slot(dunlins, first, LocalTime.of(9, 10), 30, hall);
        classes.slot(sanderlings, first, LocalTime.of(10, 10), 35, hall);
        classes.slot(sanderlings, second, LocalTime.of(10, 10), 35, hall);
        classes.slot(turnstones, first, LocalTime.of(11, 0), 45, yard);
        UUID person = accounts.add(schools.view().id(), "demo-assistant", "Kit Pierpoint", PASSWORD, Role.ASSISTANT);
        teams.give(person, sanderlings);
        taughtHalf(sanderlings, hall, day, first, second, teacher);
        units.put(
                "aim-and-gather",
                new UnitForm(
                        turnstones,
                        "Aim and gather",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        weekly(day, LocalTime.of(11, 0), 40, yard)));
        units.put(
                "first-rolls",
                new UnitForm(
                        dunlins,
                        "First rolls, first catches",
                        List.of("underarm-roll/short", "two-hand-catch/short"),
                        Wishes.Order.BLOCKED,
                        1,
                        weekly(day, LocalTime.of(9, 10), 25, hall)));
        SignedIn assistant = new SignedIn(person, teacher.school(), "Kit Pierpoint", Role.ASSISTANT);
        others.fill(day, monday, hall, yard, teacher, assistant);
    }

    private static List<LessonForm> weekly(LocalDate from, LocalTime starts, int minutes, UUID space) {
        return IntStream.range(0, 4)
                .mapToObj(w -> new LessonForm(from.plusWeeks(w), starts, minutes, space))
                .toList();
    }

    /** Three terms, each with a break in its middle; the day is in the second one, with a day off ahead. */
    private void terms(LocalDate monday) {
        term("Sprat term", monday, -24, -11);
        term("Herring term", monday, -9, 6);
        term("Gannet term", monday, 9, 20);
        closure("Sprat break", monday.minusWeeks(18), monday.minusWeeks(18).plusDays(FRIDAY), null);
        closure("Mid-term break", monday.minusWeeks(4), monday.minusWeeks(4).plusDays(FRIDAY), null);
        closure("Gannet break", monday.plusWeeks(14), monday.plusWeeks(14).plusDays(FRIDAY), null);
        LocalDate training = monday.plusWeeks(3).plusDays(FRIDAY);
        closure("Staff training", training, training, null);
        LocalDate early = monday.plusWeeks(6).plusDays(FRIDAY);
        closure("Term ends at noon", early, early, LocalTime.NOON);
    }

    private void term(String name, LocalDate monday, int first, int last) {
        calendars.putTerm(
                Ids.next(),
                new TermForm(
                        name, monday.plusWeeks(first), monday.plusWeeks(last).plusDays(FRIDAY)),
                IfMatch.MISSING);
    }

    private void closure(String name, LocalDate first, LocalDate last, @Nullable LocalTime from) {
        calendars.putClosure(Ids.next(), new ClosureForm(name, first, last, from), IfMatch.MISSING);
    }

    private void adaptations(UUID schoolClass) {
        for (ChildView child : schoolClasses.view(schoolClass).children()) {
            if (child.given().equals("Piet"))
                schoolClasses.fitCue(child.id(), "two-hand-catch/fingers", CueFit.ADAPTED);
            if (child.given().equals("Wren"))
                schoolClasses.fitCue(child.id(), "underarm-roll/other-foot", CueFit.NOT_APPLYING);
        }
    }

    /** Two lessons taught, one lost between them, another taught, the next one on the demo's day. */
    private void taughtHalf(
            UUID schoolClass, UUID hall, LocalDate day, DayOfWeek first, DayOfWeek second, SignedIn teacher) {
        List<LocalDate> dates = day.minusWeeks(3)
                .datesUntil(day.plusWeeks(3))
                .filter(d -> d.getDayOfWeek() == first || d.getDayOfWeek() == second)
                .toList();
        int now = dates.indexOf(day);
        UUID unit = units.put(
                "roll-it-catch-it",
                new UnitForm(
                        schoolClass,
                        "Roll it, catch it",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        dates.subList(now - 4, now + 3).stream()
                                .map(d -> new LessonForm(d, LocalTime.of(10, 10), 30, hall))
                                .toList()));
        Random random = new Random(7);
        Map<String, Double> ability = new HashMap<>();
        DemoLooks.Able able = (child, number, cue, at) ->
                ability.computeIfAbsent(child.id() + cue, k -> Math.min(0.97, 0.35 + 0.65 * random.nextDouble()));
        looks.teach(boards.view(unit), 0, teacher, null, able, random);
        looks.teach(boards.view(unit), 1, teacher, null, able, random);
        changes.change(
                boards.view(unit).lessons().get(2).id(),
                new LessonChangeForm.LostForm("hall taken for photographs", Rest.SQUEEZE));
        looks.teach(boards.view(unit), 3, teacher, null, able, random);
        planning.replan(unit, IfMatch.of(boards.view(unit).head()));
    }
}
