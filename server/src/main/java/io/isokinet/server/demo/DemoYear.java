package io.isokinet.server.demo;

import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.unit.LessonForm;
import io.isokinet.server.unit.UnitBoards;
import io.isokinet.server.unit.UnitForm;
import io.isokinet.server.unit.UnitView;
import io.isokinet.server.year.Years;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The ten other classes of the demo school, with a school year behind and before them. Each has five units; what was taught of them is
 * on record, made within the looks that a teacher has. One class has an observer who differs, one a child in whom a skill faded, all
 * have a child who does not move on.
 */
@Component
@ConditionalOnProperty("isokinet.demo")
class DemoYear {
    /** First weeks of the units, from the week of the demo's day. */
    private static final List<Integer> WEEKS = List.of(-23, -16, -9, -2, 9);

    private static final int LESSONS = 4;
    /** Which lesson of which unit a class lost: the same week for all, as when the hall floods. */
    private static final int LOST_UNIT = 1;

    private static final int LOST_LESSON = 2;

    private final DemoClasses classes;
    private final DemoUnits units;
    private final UnitBoards boards;
    private final DemoLooks looks;
    private final Teams teams;
    private final Years years;

    DemoYear(DemoClasses classes, DemoUnits units, UnitBoards boards, DemoLooks looks, Teams teams, Years years) {
        this.classes = classes;
        this.units = units;
        this.boards = boards;
        this.looks = looks;
        this.teams = teams;
        this.years = years;
    }

    /** @param key of the file of each of its units, after the age; @param sets of cues, joined by plus signs */
    private record Unit(String title, Wishes.Order order, List<String> sets) {
        static Unit of(String title, String... sets) {
            return new Unit(title, Wishes.Order.INTERLEAVED, List.of(sets));
        }
    }

    private record Group(String name, int age, int children, int leftHanded) {}

    /** The larger of one age first: its units serve the others too. */
    private static final List<Group> GROUPS = List.of(
            new Group("Plovers", 5, 24, 2),
            new Group("Ruffs", 6, 27, 3),
            new Group("Knots", 6, 26, 4),
            new Group("Godwits", 6, 25, 1),
            new Group("Greenshanks", 7, 28, 3),
            new Group("Avocets", 8, 29, 4),
            new Group("Redshanks", 8, 27, 2),
            new Group("Oystercatchers", 9, 30, 3),
            new Group("Stilts", 10, 29, 3),
            new Group("Phalaropes", 10, 28, 4));

    private static final String OBSERVER_DIFFERS_IN = "Avocets";
    private static final String FADED_IN = "Redshanks";

    private static final Map<Integer, List<Unit>> UNITS = Map.of(
            5,
            List.of(
                    Unit.of("Jump off, land soft", "jump-for-distance/short"),
                    Unit.of("Horses of the tide", "gallop/short"),
                    Unit.of("Catch the gull", "two-hand-catch/short"),
                    Unit.of("Roll to the quay", "underarm-roll/short"),
                    Unit.of("First throws", "underarm-throw/short")),
            6,
            List.of(
                    Unit.of("Hop from rock to rock", "hop/short"),
                    Unit.of("Roll and look", "underarm-roll/components"),
                    Unit.of("Jump the channel", "jump-for-distance/components"),
                    Unit.of("Ready hands", "two-hand-catch/components"),
                    Unit.of("Throw to land", "underarm-throw/components")),
            7,
            List.of(
                    Unit.of("Crab ways", "side-slide/components"),
                    Unit.of("Ready hands", "two-hand-catch/components"),
                    Unit.of("Over the harbour wall", "overarm-throw/components"),
                    Unit.of("Hop for distance", "hop/components"),
                    Unit.of("Slip away", "dodge/components")),
            8,
            List.of(
                    Unit.of("Over the harbour wall", "overarm-throw/components"),
                    Unit.of("Slip away", "dodge/components"),
                    Unit.of("Land like a tern", "jump-for-height-and-landing/components"),
                    Unit.of("Overarm once more", "overarm-throw/components"),
                    Unit.of("Throw and catch", "underarm-throw/components", "two-hand-catch/components")),
            9,
            List.of(
                    Unit.of("Off the mark", "run-and-sprint-start/components"),
                    Unit.of("Overarm, far and true", "overarm-throw/components"),
                    Unit.of("Skip with the waves", "skip/components"),
                    Unit.of("Slip away", "dodge/components"),
                    Unit.of("Leap the lock", "leap/components")),
            10,
            List.of(
                    Unit.of("Overarm, far and true", "overarm-throw/components"),
                    Unit.of("Hop, step", "hop/components"),
                    Unit.of("Off the mark", "run-and-sprint-start/components"),
                    Unit.of("Underarm to a partner", "underarm-throw/components"),
                    Unit.of("Dodge and leap", "dodge/components", "leap/components")));

    private static final List<LocalTime> TIMES =
            List.of(LocalTime.of(9, 10), LocalTime.of(11, 0), LocalTime.of(13, 10), LocalTime.of(14, 0));

    /**
     * @param day of the demo
     * @param monday of its week
     * @param assistant who helps in one of the classes
     */
    void fill(LocalDate day, LocalDate monday, UUID hall, UUID yard, SignedIn teacher, SignedIn assistant) {
        for (int i = 0; i < GROUPS.size(); i++) {
            Group group = GROUPS.get(i);
            UUID id =
                    classes.add(group.name(), group.age(), group.children(), group.leftHanded(), monday.minusWeeks(24));
            DayOfWeek weekday = after(day, 1 + i % 4);
            LocalTime starts = TIMES.get(i / 4);
            int minutes = group.age() < 7 ? 35 : 40;
            classes.slot(id, weekday, starts, minutes, hall);
            classes.slot(id, after(day, 1 + (i + 2) % 4), starts, minutes, yard);
            boolean differs = group.name().equals(OBSERVER_DIFFERS_IN);
            if (differs) teams.give(assistant.person(), id);
            Learners learners = new Learners(i, monday, group.name().equals(FADED_IN));
            List<Unit> planned = UNITS.get(group.age());
            for (int u = 0; u < planned.size(); u++) {
                LocalDate first = monday.plusWeeks(WEEKS.get(u)).with(TemporalAdjusters.nextOrSame(weekday));
                UnitView unit = unit(id, group, u, first, starts, minutes - 5, hall);
                for (int l = 0; l < LESSONS && first.plusWeeks(l).isBefore(day); l++)
                    if (u == LOST_UNIT && l == LOST_LESSON) looks.lose(unit, l);
                    else looks.teach(unit, l, teacher, differs && u == 3 ? assistant : null, learners, learners.random);
            }
        }
        years.takeProposal(monday.plusWeeks(WEEKS.get(4)).minusDays(1), monday.plusWeeks(12));
    }

    private static DayOfWeek after(LocalDate day, int days) {
        return DayOfWeek.of((day.getDayOfWeek().getValue() - 1 + days) % 5 + 1);
    }

    private UnitView unit(UUID id, Group group, int number, LocalDate first, LocalTime starts, int minutes, UUID hall) {
        Unit unit = UNITS.get(group.age()).get(number);
        return boards.view(units.put(
                "age-%d-%d".formatted(group.age(), number + 1),
                new UnitForm(
                        id,
                        unit.title(),
                        unit.sets(),
                        unit.order(),
                        null,
                        IntStream.range(0, LESSONS)
                                .mapToObj(w -> new LessonForm(first.plusWeeks(w), starts, minutes, hall))
                                .toList())));
    }

    /**
     * Made-up children who learn: some able, some not, some cues harder than others, a step nearer with each lesson. One stays where it
     * is; in one class a child lost over the winter what it had.
     */
    private static final class Learners implements DemoLooks.Able {
        private static final int STAYS = 5;
        private static final int FADES = 3;
        private static final double A_WEEK = 0.22;

        private final Random random;
        private final LocalDate monday;
        private final boolean fades;
        private final Map<String, Double> drawn = new HashMap<>();
        private final Map<String, Instant> since = new HashMap<>();

        Learners(int seed, LocalDate monday, boolean fades) {
            this.random = new Random(100 + seed);
            this.monday = monday;
            this.fades = fades;
        }

        @Override
        public double chance(ChildView child, int number, String cue, Instant at) {
            Instant first = since.computeIfAbsent(cue, c -> at);
            double weeks = Math.min(8, (at.getEpochSecond() - first.getEpochSecond()) / 604_800.0);
            double logit = draw("child " + number, 1.0) + draw("cue " + cue, 0.7) + draw(number + cue, 0.6);
            if (number == STAYS) logit = Math.min(logit, -0.4) - 0.4;
            else logit += 0.3 + A_WEEK * weeks;
            if (fades && number == FADES)
                logit = at.atZone(java.time.ZoneOffset.UTC).toLocalDate().isBefore(monday.minusWeeks(10)) ? 3 : -2;
            return 1 / (1 + Math.exp(-logit));
        }

        private double draw(String of, double scale) {
            return drawn.computeIfAbsent(of, k -> scale * random.nextGaussian());
        }
    }
}
