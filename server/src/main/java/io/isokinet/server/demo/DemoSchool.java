package io.isokinet.server.demo;

import io.isokinet.core.mastery.Setting;
import io.isokinet.core.place.Place.Floor;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceForm;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.NewChild;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.YearNaming;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.UnitView;
import io.isokinet.server.unit.Units;
import io.isokinet.server.unit.Units.LessonForm;
import io.isokinet.server.unit.Units.UnitForm;
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
    private static final String[] GIVEN = {
        "Maren", "Bela", "Emre", "Lior", "Idris", "Sana", "Ravi", "Hari", "Yusra", "Femi", "Ines", "Wren", "Tove",
                "Nia",
        "Zofia", "Elif", "Piet", "Jonas", "Milo", "Cato", "Pia", "Teo", "Anouk", "Rosa", "Lars", "Oona", "Kofi", "Ayla",
        "Bram", "Chidi", "Dilan", "Esme", "Finn", "Greta", "Hugo", "Ilse", "Juno", "Kaya", "Luka", "Mira", "Noor",
                "Otis",
        "Petra", "Quinn", "Runa", "Suri", "Tariq", "Uma", "Vida", "Willa", "Xavi", "Yara", "Zeno", "Alma", "Birk",
                "Carys",
        "Dov", "Edda", "Farid", "Gwen", "Hal", "Isla", "Jory", "Kit", "Lena", "Mabli", "Niko", "Orla", "Pau", "Rafi",
        "Saga", "Tomos", "Ulla", "Vito", "Wiki", "Yann", "Zia", "Anselm", "Bodil", "Cilla"
    };
    private static final String[] FAMILY = {
        "Sandhu-Lowe",
        "Tidemark",
        "Ferry",
        "Oakhaven",
        "Marsh",
        "Quayle-Orr",
        "Saltley",
        "Nethercove",
        "Brackwater",
        "Pierpoint",
        "Dunecroft",
        "Harbourne",
        "Kelpie",
        "Merefield",
        "Rockhall",
        "Shingleton",
        "Windle",
        "Estuary",
        "Beaconsby"
    };

    private final Accounts accounts;
    private final Schools schools;
    private final Spaces spaces;
    private final Cupboards cupboards;
    private final Classes classes;
    private final Units units;
    private final Recorder recorder;
    private final JdbcClient jdbc;
    private final Random random = new Random(7);
    private int named;

    DemoSchool(
            Accounts accounts,
            Schools schools,
            Spaces spaces,
            Cupboards cupboards,
            Classes classes,
            Units units,
            Recorder recorder,
            JdbcClient jdbc) {
        this.accounts = accounts;
        this.schools = schools;
        this.spaces = spaces;
        this.cupboards = cupboards;
        this.classes = classes;
        this.units = units;
        this.recorder = recorder;
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
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private void fill(SignedIn teacher) {
        UUID hall = Ids.next();
        UUID yard = Ids.next();
        spaces.put(hall, new SpaceForm("Hall", 1700, 950, 480, Floor.WOOD, 14), null);
        spaces.put(yard, new SpaceForm("Tarmac yard", 2800, 1800, null, Floor.TARMAC, 20), null);
        spaces.put(Ids.next(), new SpaceForm("Sloping field", 5000, 3000, null, Floor.GRASS, 0), null);
        Map<String, Integer> counts = new HashMap<>(Map.of(
                "foam-ball-20",
                10,
                "foam-ball-16",
                8,
                "sock-ball",
                14,
                "low-tennis-ball",
                12,
                "tennis-ball",
                20,
                "beanbag",
                20,
                "scarf",
                24,
                "skittle",
                12,
                "bottle-empty",
                24,
                "bottle-full",
                6));
        counts.putAll(Map.of("cup", 30, "cone", 16, "spot", 30, "hoop", 8, "rope", 15, "playground-ball", 4));
        counts.forEach((item, count) -> cupboards.count(item, count, null));
        UUID dunlins = schoolClass("Dunlins", 5, 22, 2);
        UUID sanderlings = schoolClass("Sanderlings", 7, 27, 5);
        UUID turnstones = schoolClass("Turnstones", 9, 31, 3);
        LocalDate today = schools.today();
        adaptations(sanderlings);
        taughtHalf(sanderlings, hall, today, teacher);
        LocalDate nextMonday = today.with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        units.make(
                Ids.next(),
                new UnitForm(
                        turnstones,
                        "Aim and gather",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        List.of(
                                new LessonForm(nextMonday.plusDays(2), 40, yard),
                                new LessonForm(nextMonday.plusDays(9), 40, yard),
                                new LessonForm(nextMonday.plusDays(16), 40, hall),
                                new LessonForm(nextMonday.plusDays(23), 40, hall))));
        units.make(
                Ids.next(),
                new UnitForm(
                        dunlins,
                        "First rolls, first catches",
                        List.of("underarm-roll/short", "two-hand-catch/short"),
                        Wishes.Order.BLOCKED,
                        1,
                        List.of(
                                new LessonForm(nextMonday, 25, hall),
                                new LessonForm(nextMonday.plusDays(7), 25, hall),
                                new LessonForm(nextMonday.plusDays(14), 25, hall),
                                new LessonForm(nextMonday.plusDays(21), 25, hall))));
    }

    private UUID schoolClass(String name, int age, int children, int leftHanded) {
        UUID id = Ids.next();
        classes.put(id, name, age, null);
        List<NewChild> newcomers = new ArrayList<>();
        for (int i = 0; i < children; i++) {
            boolean left = i % 5 == 0 && i / 5 < leftHanded;
            boolean settled = left || (i + age) % 9 != 4;
            Map<Action, Side> sides = new HashMap<>();
            if (settled) sides.put(Action.THROW, left ? Side.LEFT : Side.RIGHT);
            if (left && i % 10 == 0) sides.put(Action.KICK, Side.RIGHT);
            newcomers.add(new NewChild(
                    GIVEN[named % GIVEN.length], FAMILY[(named * 7 + 3) % FAMILY.length], age, sides, null));
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

    /** Two lessons taught, one lost between them, the next one today. */
    private void taughtHalf(UUID schoolClass, UUID hall, LocalDate today, SignedIn teacher) {
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        LocalDate next = today.getDayOfWeek().getValue() > 5 ? monday.plusDays(7) : today;
        UUID unit = Ids.next();
        units.make(
                unit,
                new UnitForm(
                        schoolClass,
                        "Roll it, catch it",
                        List.of("underarm-roll/components", "two-hand-catch/components"),
                        Wishes.Order.INTERLEAVED,
                        null,
                        List.of(
                                new LessonForm(monday.minusDays(13), 30, hall),
                                new LessonForm(monday.minusDays(10), 30, hall),
                                new LessonForm(monday.minusDays(6), 30, hall),
                                new LessonForm(monday.minusDays(3), 30, hall),
                                new LessonForm(next, 30, hall),
                                new LessonForm(monday.plusDays(8), 30, hall),
                                new LessonForm(monday.plusDays(11), 30, hall))));
        Map<String, Double> ability = new HashMap<>();
        teach(unit, 0, teacher, ability);
        teach(unit, 1, teacher, ability);
        units.state(units.view(unit).lessons().get(2).id(), LessonState.LOST, Instant.now());
        replan(unit);
        teach(unit, 3, teacher, ability);
        replan(unit);
    }

    private void replan(UUID unit) {
        units.replan(unit, units.view(unit).head().toString());
    }

    private void teach(UUID unit, int position, SignedIn teacher, Map<String, Double> ability) {
        UnitView.LessonView lesson = units.view(unit).lessons().get(position);
        Instant at = lesson.onDate().atTime(LocalTime.of(10, 5)).atZone(ZONE).toInstant();
        units.state(lesson.id(), LessonState.TAUGHT, at);
        List<ChildView> children =
                classes.view(units.view(unit).schoolClass().id()).children();
        UUID device = Ids.next();
        List<TrialEntry> trials = new ArrayList<>();
        int start = 0;
        int first = random.nextInt(children.size());
        for (UnitView.SegmentView segment : lesson.segments()) {
            String cue = segment.watch() != null
                    ? segment.watch()
                    : segment.focus().isEmpty() ? null : segment.focus().get(0);
            int looks = Math.min(segment.looks(), children.size());
            for (int i = 0; cue != null && i < looks; i++) {
                ChildView child = children.get((first + i * 4) % children.size());
                double able = ability.computeIfAbsent(
                        child.id() + cue, k -> Math.min(0.97, 0.35 + 0.65 * random.nextDouble()));
                trials.add(new TrialEntry(
                        Ids.next(),
                        child.id(),
                        cue,
                        random.nextDouble() < able,
                        Kind.TEACHER,
                        segment.play() ? Setting.GAME : Setting.DRILL,
                        null,
                        null,
                        null,
                        lesson.id(),
                        segment.id(),
                        (long) trials.size(),
                        at.plusSeconds(60L * start + 90 + 10L * i)));
            }
            first += 3;
            start += segment.minutes();
        }
        recorder.take(new Batch(Ids.next(), device, Instant.now(), trials, List.of(), List.of(), List.of()), teacher);
    }
}
