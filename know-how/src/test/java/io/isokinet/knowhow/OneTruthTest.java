package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.aim.Band;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Shopping;
import io.isokinet.core.lesson.Stretch;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every activity at every step, for three classes of three ages in four places: whatever a teacher reads of it is the task's. Things,
 * distance, drawing, tries, success and load are looked at line by line, as one who has to teach it would.
 */
class OneTruthTest {
    private static final List<Place> PLACES = List.of(
            new Place("the small hall", new Length(12), new Length(8), new Length(3.6), Place.Floor.WOOD, 6),
            new Place("the hall", new Length(17), new Length(9.5), new Length(4.8), Place.Floor.WOOD, 14),
            new Place("the yard", new Length(28), new Length(18), null, Place.Floor.TARMAC, 12),
            new Place("the field", new Length(50), new Length(30), null, Place.Floor.GRASS, 0));

    private static final int MINUTES = 8;
    private static final Map<Item, Integer> PLENTY =
            Fixtures.KNOW_HOW.items().stream().collect(Collectors.toMap(i -> i, i -> 40));

    @ParameterizedTest(name = "{0} children of {1}")
    @CsvSource({"16, 5", "16, 8", "16, 11", "27, 5", "27, 8", "27, 11", "33, 5", "33, 8", "33, 11"})
    void whateverIsReadOfAStretchIsTheTasks(int children, int years) {
        Age age = new Age(years);
        int stretches = 0;
        for (Place place : PLACES) {
            Fitter fitter = new Fitter(Fixtures.KNOW_HOW, Cupboard.of(PLENTY), age, children);
            for (Activity activity : Fixtures.KNOW_HOW.activities())
                for (int step = 0; step < Asked.steps(activity); step++)
                    if (fitter.fit(activity, step, place) instanceof Fit.Works works) {
                        stretch(works, step, place, age, children);
                        stretches++;
                    }
        }
        assertThat(stretches).isGreaterThan(years == 5 ? 900 : 1700);
    }

    private static void stretch(Fit.Works works, int step, Place place, Age age, int children) {
        Task task = works.task();
        String what = "%s@%d, %d children of %d in %s"
                .formatted(task.activity().key(), step, children, age.years(), place.name());
        assertThat(task.setting()).as(what).isEqualTo(step);
        things(works, what, place, children);
        Stretch.Fits drawn = (Stretch.Fits) Stretch.of(
                new Stretch.Planned(
                        "s", task.activity(), step, MINUTES, 30, Turn.telling(task.activity(), age), null, false),
                works,
                Stretch.Hands.NONE,
                place,
                Fixtures.KNOW_HOW,
                Band.USUAL);
        distance(works, drawn.floor(), what);
        work(drawn, what);
    }

    /** Each line is of a need of this step, does what it asks for, rolls or bounces here, and belongs together. */
    private static void things(Fit.Works works, String what, Place place, int children) {
        Task task = works.task();
        List<Need> asked = Asked.of(task.activity(), task.setting()).needs();
        int here = (children + works.waves() - 1) / works.waves();
        for (int i = 0; i < asked.size(); i++) {
            Need need = works.needs().get(i);
            assertThat(need.withCount(asked.get(i).count())).as(what).isEqualTo(asked.get(i));
            List<KitLine> lines = works.kit().stream()
                    .filter(l -> l.what().equals(need.what()))
                    .toList();
            long alike =
                    asked.stream().filter(n -> n.what().equals(need.what())).count();
            if (alike == 1)
                assertThat(lines.stream().mapToInt(KitLine::count).sum())
                        .as(what + ": " + need.what())
                        .isEqualTo(need.wanted(here, works.groupsAtOnce()));
            for (KitLine line : lines) {
                Item item = Fixtures.KNOW_HOW.item(line.item());
                assertThat(need.isMetBy(item) || item.key().equals(need.prefers()))
                        .as("%s: %s for %s", what, item.name(), need.what())
                        .isTrue();
                if (need.asks().underfoot())
                    assertThat(item.width().millimetres()).as(what).isGreaterThanOrEqualTo(150);
                if (need.asks().alike() && need.per() != Need.Per.CLASS && alike == 1)
                    assertThat(line.count() % need.count())
                            .as("%s: %s in whole sets", what, item.name())
                            .isZero();
                if (need.role() == Need.Role.SENT && task.travel() == Travel.ROLLS)
                    assertThat(item.handling().rollsOn())
                            .as("%s: %s", what, item.name())
                            .contains(place.floor());
            }
        }
        int groups = works.groups();
        Map<String, Integer> listed = Shopping.list(
                        List.of(new Shopping.Use(task.activity(), task.setting(), children, groups)),
                        Cupboard.EMPTY,
                        Fixtures.KNOW_HOW)
                .stream()
                .collect(Collectors.toMap(Shopping.Missing::item, Shopping.Missing::wanted));
        Map<String, Integer> wanted =
                asked.stream().collect(Collectors.toMap(Need::prefers, n -> n.wanted(children, groups), Integer::sum));
        assertThat(listed).as(what + ": shopping").isEqualTo(wanted);
    }

    /** What is drawn is what is said, to the centimetre. */
    private static void distance(Fit.Works works, FloorPlan floor, String what) {
        Double metres = works.task().metres();
        assertThat(floor.findings()).as(what).noneMatch(f -> f.rule().equals("too-short"));
        if (metres == null) return;
        Formation formation = works.task().activity().grouping().formation();
        if (formation == Formation.LANES || formation == Formation.RELAY) {
            List<Line> starts = floor.lines().stream()
                    .filter(l -> l.kind() == Line.Kind.START)
                    .toList();
            assertThat(starts).as(what).hasSize(works.groups());
            assertThat(starts.get(0).label()).as(what).isEqualTo(Words.say("%.1f m", metres));
            List<Thing> aims = floor.things().stream()
                    .filter(t -> t.group() == 0 && (t.kind() == Thing.Kind.PIN || t.kind() == Thing.Kind.TARGET))
                    .toList();
            if (!aims.isEmpty())
                assertThat(aims.stream()
                                .mapToDouble(t -> across(starts.get(0), t))
                                .min()
                                .orElseThrow())
                        .as(what)
                        .isCloseTo(metres, within(0.01));
        }
        if (formation == Formation.PAIRS && works.sizes().get(0) <= 3) {
            List<Spot> pair = floor.spots().stream()
                    .filter(s -> s.group() == works.groupsAtOnce() - 1)
                    .toList();
            boolean target = works.needs().stream()
                    .anyMatch(n -> n.per() == Need.Per.GROUP
                            && (n.role() == Need.Role.TOPPLED || n.role() == Need.Role.AIMED_AT));
            if (!target && pair.size() == 2)
                assertThat(pair.get(0).at().to(pair.get(1).at())).as(what).isCloseTo(metres, within(0.01));
        }
    }

    /** How far a thing lies from a line. */
    private static double across(Line line, Thing thing) {
        boolean upright = Math.abs(line.from().x() - line.to().x()) < 0.01;
        return upright
                ? Math.abs(thing.at().x() - line.from().x())
                : Math.abs(thing.at().y() - line.from().y());
    }

    /** Tries, waiting, motion and load are of one turn, and nothing is too much. */
    private static void work(Stretch.Fits stretch, String what) {
        Fit.Works works = stretch.works();
        Stretch.Work drawn = stretch.work();
        int working = stretch.plan().working(works);
        assertThat(drawn.waitingPercent() + works.motionPercent()).as(what).isLessThanOrEqualTo(100);
        assertThat(drawn.tries()).as(what).isLessThanOrEqualTo(works.task().most());
        assertThat(drawn.tries()).as(what).isLessThanOrEqualTo(works.turn().tries(working));
        assertThat(drawn.toll()).as(what).isEqualTo(works.toll(working));
        assertThat(drawn.toll().over(works.task().age())).as(what).isZero();
        Toll three = IntStream.range(0, 3).mapToObj(i -> drawn.toll()).reduce(Toll.NONE, Toll::and);
        assertThat(three.pushes()).as(what).isLessThanOrEqualTo(Toll.MOST_PUSHES);
        Double share = works.task().success().share();
        if (share != null) assertThat(share).as(what).isBetween(0.0, 1.0);
        if (drawn.success() != null)
            assertThat(drawn.success()).as(what).startsWith(Words.say("about %.0f %% succeed", share * 100));
    }
}
