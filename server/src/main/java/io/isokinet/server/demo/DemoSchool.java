package io.isokinet.server.demo;

import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.ClosureForm;
import io.isokinet.server.calendar.Calendars.SlotForm;
import io.isokinet.server.calendar.Calendars.TermForm;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.Batch.RegisterEntry;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassForm;
import io.isokinet.server.school.Classes.NewChild;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.YearNaming;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.LessonChangeForm;
import io.isokinet.server.unit.LessonChangeForm.Rest;
import io.isokinet.server.unit.LessonChanges;
import io.isokinet.server.unit.LessonForm;
import io.isokinet.server.unit.LessonStanding;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.UnitBoards;
import io.isokinet.server.unit.UnitForm;
import io.isokinet.server.unit.UnitPlanning;
import io.isokinet.server.unit.UnitView;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Saltfern Primary, a made-up harbour school in mid-term: a taught half of a unit with as many records as one pair of eyes
 * can make, one lesson lost, and kit that does not suffice for everything. Made once, through the same services as all else.
 */
@Component
@ConditionalOnProperty("isokinet.demo")
@Order(10)
class DemoSchool implements ApplicationRunner {
    static final String SIGN_IN = "demo";
    static final String PASSWORD = "saltfern-harbour";
    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    private final Accounts accounts;
    private final Schools schools;
    private final DemoPlaces places;
    private final Classes classes;
    private final Calendars calendars;
    private final Teams teams;
    private final UnitPlanning planning;
    private final UnitBoards units;
    private final LessonStanding standing;
    private final LessonChanges changes;
    private final Recorder recorder;
    private final JdbcClient jdbc;
    private final Clock clock;
    private final Random random = new Random(7);
    private int named;

    DemoSchool(
            Accounts accounts,
            Schools schools,
            DemoPlaces places,
            Classes classes,
            Calendars calendars,
            Teams teams,
            UnitPlanning planning,
            UnitBoards units,
            LessonStanding standing,
            LessonChanges changes,
            Recorder recorder,
            JdbcClient jdbc,
            Clock clock) {
        this.accounts = accounts;
        this.schools = schools;
        this.places = places;
        this.classes = classes;
        this.calendars = calendars;
        this.teams = teams;
        this.planning = planning;
        this.units = units;
        this.standing = standing;
        this.changes = changes;
        this.recorder = recorder;
        this.jdbc = jdbc;
        this.clock = clock;
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
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private void fill(SignedIn teacher) {
        LocalDate today = schools.today();
        // At a weekend the demo's day is the next Monday.
        LocalDate day =
                today.getDayOfWeek().getValue() > 5 ? today.with(TemporalAdjusters.next(DayOfWeek.MONDAY)) : today;
        UUID hall = Ids.next();
        UUID yard = Ids.next();
        places.places(hall, yard);
        places.cupboard();
        UUID dunlins = schoolClass("Dunlins", 5, 22, 2);
        UUID sanderlings = schoolClass("Sanderlings", 7, 27, 5);
        UUID turnstones = schoolClass("Turnstones", 9, 31, 3);
        adaptations(sanderlings);
        terms(day);
        DayOfWeek first = day.getDayOfWeek();
        DayOfWeek second = DayOfWeek.of((first.getValue() + 1) % 5 + 1);
        slot(dunlins, first, LocalTime.of(9, 10), 30, hall);
        slot(sanderlings, first, LocalTime.of(10, 10), 35, hall);
        slot(sanderlings, second, LocalTime.of(10, 10), 35, hall);
        slot(turnstones, first, LocalTime.of(11, 0), 45, yard);
        UUID assistant = accounts.add(schools.view().id(), "demo-assistant", "Kit Pierpoint", PASSWORD, Role.ASSISTANT);
        teams.give(assistant, sanderlings);
        taughtHalf(sanderlings, hall, day, first, second, teacher);
        planning.make(
                Ids.next(),
                new UnitForm(
                        turnstones,
                        "Aim and gather",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        weekly(day, LocalTime.of(11, 0), 40, yard)));
        planning.make(
                Ids.next(),
                new UnitForm(
                        dunlins,
                        "First rolls, first catches",
                        List.of("underarm-roll/short", "two-hand-catch/short"),
                        Wishes.Order.BLOCKED,
                        1,
                        weekly(day, LocalTime.of(9, 10), 25, hall)));
    }

    private static List<LessonForm> weekly(LocalDate from, LocalTime starts, int minutes, UUID space) {
        return IntStream.range(0, 4)
                .mapToObj(w -> new LessonForm(from.plusWeeks(w), starts, minutes, space))
                .toList();
    }

    /** A term around the day, with a break behind it and a day off ahead. */
    private void terms(LocalDate day) {
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        calendars.putTerm(
                Ids.next(),
                new TermForm("Herring term", monday.minusWeeks(9), monday.plusDays(7 * 6 + 4)),
                IfMatch.MISSING);
        calendars.putTerm(
                Ids.next(),
                new TermForm("Gannet term", monday.plusWeeks(9), monday.plusDays(7 * 20 + 4)),
                IfMatch.MISSING);
        calendars.putClosure(
                Ids.next(),
                new ClosureForm(
                        "Mid-term break",
                        monday.minusWeeks(4),
                        monday.minusWeeks(4).plusDays(4),
                        null),
                IfMatch.MISSING);
        LocalDate training = monday.plusDays(7 * 3 + 4);
        calendars.putClosure(Ids.next(), new ClosureForm("Staff training", training, training, null), IfMatch.MISSING);
        LocalDate early = monday.plusDays(7 * 6 + 4);
        calendars.putClosure(
                Ids.next(), new ClosureForm("Term ends at noon", early, early, LocalTime.NOON), IfMatch.MISSING);
    }

    private void slot(UUID schoolClass, DayOfWeek day, LocalTime starts, int minutes, UUID space) {
        calendars.putSlot(
                Ids.next(), new SlotForm(schoolClass, day, Weeks.EVERY, starts, minutes, space), IfMatch.MISSING);
    }

    private UUID schoolClass(String name, int age, int children, int leftHanded) {
        UUID id = Ids.next();
        classes.put(id, new ClassForm(name, age, 0, 1), IfMatch.MISSING);
        List<NewChild> newcomers = new ArrayList<>();
        for (int i = 0; i < children; i++) {
            boolean left = i % 5 == 0 && i / 5 < leftHanded;
            boolean settled = left || (i + age) % 9 != 4;
            Map<Action, Side> sides = new HashMap<>();
            if (settled) sides.put(Action.THROW, left ? Side.LEFT : Side.RIGHT);
            if (left && i % 10 == 0) sides.put(Action.KICK, Side.RIGHT);
            newcomers.add(new NewChild(
                    DemoNames.GIVEN[named % DemoNames.GIVEN.length],
                    DemoNames.FAMILY[(named * 7 + 3) % DemoNames.FAMILY.length],
                    age,
                    sides,
                    null));
            named++;
        }
        classes.add(id, newcomers, schools.today().minusWeeks(9));
        return id;
    }

    private void adaptations(UUID schoolClass) {
        for (ChildView child : classes.view(schoolClass).children()) {
            if (child.given().equals("Piet")) classes.fitCue(child.id(), "two-hand-catch/fingers", CueFit.ADAPTED);
            if (child.given().equals("Wren"))
                classes.fitCue(child.id(), "underarm-roll/other-foot", CueFit.NOT_APPLYING);
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
        UUID unit = Ids.next();
        planning.make(
                unit,
                new UnitForm(
                        schoolClass,
                        "Roll it, catch it",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        dates.subList(now - 4, now + 3).stream()
                                .map(d -> new LessonForm(d, LocalTime.of(10, 10), 30, hall))
                                .toList()));
        Map<String, Double> ability = new HashMap<>();
        teach(unit, 0, teacher, ability);
        teach(unit, 1, teacher, ability);
        changes.change(
                units.view(unit).lessons().get(2).id(),
                new LessonChangeForm.LostForm("hall taken for photographs", Rest.SQUEEZE));
        teach(unit, 3, teacher, ability);
        replan(unit);
    }

    private void replan(UUID unit) {
        planning.replan(unit, IfMatch.of(units.view(unit).head()));
    }

    private void teach(UUID unit, int position, SignedIn teacher, Map<String, Double> ability) {
        UnitView.LessonView lesson = units.view(unit).lessons().get(position);
        Instant at = lesson.onDate().atTime(LocalTime.of(10, 10)).atZone(ZONE).toInstant();
        standing.say(lesson.id(), LessonState.TAUGHT, null, at);
        List<ChildView> children =
                classes.view(units.view(unit).schoolClass().id()).children();
        UUID device = Ids.next();
        List<TrialEntry> trials = new ArrayList<>();
        int start = 0;
        int first = random.nextInt(children.size());
        List<UUID> away = Stream.of(position * 11 + 4, position * 11 + 13)
                .map(i -> children.get(i % children.size()).id())
                .toList();
        for (UnitView.SegmentView segment : lesson.segments()) {
            String cue = segment.watch() != null
                    ? segment.watch()
                    : segment.focus().isEmpty() ? null : segment.focus().get(0);
            int looks = Math.min(segment.looks(), children.size());
            for (int i = 0; cue != null && i < looks; i++) {
                ChildView child = children.get((first + i * 4) % children.size());
                double able = ability.computeIfAbsent(
                        child.id() + cue, k -> Math.min(0.97, 0.35 + 0.65 * random.nextDouble()));
                boolean shown = random.nextDouble() < able;
                if (away.contains(child.id())) continue;
                trials.add(new TrialEntry(
                        Ids.next(),
                        child.id(),
                        cue,
                        shown,
                        io.isokinet.server.record.Kind.TEACHER,
                        segment.play() ? Setting.GAME : Setting.DRILL,
                        null,
                        null,
                        null,
                        lesson.id(),
                        segment.id(),
                        (long) trials.size(),
                        at.plusSeconds(60L * start + 90 + 10L * i),
                        null));
            }
            first += 3;
            start += segment.minutes();
        }
        List<RegisterEntry> register = away.stream()
                .map(child -> new RegisterEntry(Ids.next(), lesson.id(), child, false, null, at))
                .toList();
        recorder.take(new Batch(Ids.next(), device, clock.instant(), trials, List.of(), register, List.of()), teacher);
    }
}
