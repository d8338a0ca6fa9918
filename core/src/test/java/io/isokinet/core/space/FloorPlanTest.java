package io.isokinet.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.check.Finding;
import io.isokinet.core.group.Groups;
import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.space.FloorPlan.Area;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.space.FloorTask.Sending;
import io.isokinet.core.space.FloorTask.Way;
import io.isokinet.core.thing.Need;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FloorPlanTest {
    private static final Place HALL = new Place(
            "the hall",
            new Length(17),
            new Length(9.5),
            new Length(4.8),
            Place.Floor.WOOD,
            14,
            List.of(
                    new Fixture(Fixture.Kind.WALL, "long wall", 1.5, 0, 12, 0),
                    new Fixture(Fixture.Kind.DOOR, "door", 0, 3.8, 0, 1.9),
                    new Fixture(Fixture.Kind.DOOR, "yard", 14, 9.5, 2, 0),
                    new Fixture(Fixture.Kind.HAZARD, "piano", 0.6, 7.8, 1.6, 1.1)));

    private static FloorTask task(
            Place place, SpaceNeed need, Formation formation, List<Integer> sizes, Sending sending) {
        return new FloorTask(
                place,
                need,
                formation,
                sizes,
                List.of(),
                sending,
                List.of(),
                List.of(),
                Gathering.START_LINE,
                Seen.SIDE,
                Side.RIGHT,
                Map.of(),
                1,
                null);
    }

    private static FloorTask with(FloorTask t, List<Piece> pieces, Map<Integer, Point> moved) {
        return new FloorTask(
                t.place(),
                t.need(),
                t.formation(),
                t.sizes(),
                t.leftHanded(),
                t.sending(),
                pieces,
                t.parts(),
                t.gathering(),
                t.view(),
                t.watched(),
                moved,
                1,
                null);
    }

    private static final FloorTask LANES = task(
            HALL,
            new SpaceNeed(8, 2, null),
            Formation.LANES,
            List.of(4, 4, 4, 4, 4, 4, 3),
            new Sending(Way.ROLLED, 3.0, 6, false));

    @Test
    void sevenLanesFitAcrossTheHallBesideThePiano() {
        assertThat(FloorFit.of(HALL, LANES.need(), Formation.LANES, 27).groups())
                .isEqualTo(7);
        assertThat(FloorPlanner.of(LANES).areas()).hasSize(7);
        assertThatThrownBy(() -> FloorPlanner.of(
                        task(HALL, LANES.need(), Formation.LANES, List.of(3, 3, 3, 3, 3, 3, 3, 3), LANES.sending())))
                .hasMessageContaining("8 groups")
                .hasMessageContaining("room for 7");
    }

    /** The hall's lanes lie across; on a card one lies along, with all that is its own as far apart as it was. */
    @Test
    void oneLaneAloneKeepsWhatIsItsOwn() {
        FloorPlan plan = FloorPlanner.of(LANES);
        FloorPlan lane = plan.only(2).orElseThrow();
        assertThat(lane.length().metres()).isGreaterThan(lane.width().metres());
        List<Point> before = plan.spots().stream()
                .filter(s -> s.group() == 2)
                .map(FloorPlan.Spot::at)
                .toList();
        List<Point> after = lane.spots().stream().map(FloorPlan.Spot::at).toList();
        assertThat(after).hasSameSizeAs(before).hasSize(4);
        for (int i = 1; i < after.size(); i++)
            assertThat(after.get(0).to(after.get(i))).isCloseTo(before.get(0).to(before.get(i)), within(1e-9));
        assertThat(after)
                .allMatch(new Rect(0, 0, lane.length().metres(), lane.width().metres())::holds);
        assertThat(lane.things()).allMatch(t -> t.group() == 2);
        assertThat(plan.only(9)).isEmpty();
    }

    @Test
    void lanesSendToTheUsableWallAndTheTeacherStandsOutsideThem() {
        FloorPlan plan = FloorPlanner.of(LANES);
        // The long wall is at y = 0, so the start line lies on the other side of what stands in front of it.
        Rect shut = plan.closed().get(0);
        assertThat(shut.y()).isZero();
        assertThat(plan.spots()).allMatch(s -> !shut.holds(s.at()));
        assertThat(shut.holds(plan.teacher())).isFalse();
        assertThat(plan.reasons()).anyMatch(r -> r.contains("one way") || r.contains("same way"));
    }

    @Test
    void theStartLineIsAtTheDistanceThatIsAskedFor() {
        FloorPlan plan = FloorPlanner.of(
                with(LANES, List.of(new Piece(Thing.Kind.PIN, Need.Per.GROUP, 6, 0.075, "skittle")), Map.of()));
        List<Thing> pins = plan.things().stream().filter(t -> t.group() == 0).toList();
        Line start = plan.lines().stream()
                .filter(l -> l.kind() == Line.Kind.START)
                .findFirst()
                .orElseThrow();
        double head = pins.stream().mapToDouble(p -> p.at().y()).max().orElseThrow();
        assertThat(start.from().y() - head).isCloseTo(3.0, within(1e-9));
        // A triangle of six: neighbours 304.8 mm, rows 263.96 mm apart. USBC Equipment Specifications; row distance
        // worked.
        assertThat(pins.get(1).at().to(pins.get(2).at())).isCloseTo(0.3048, within(1e-9));
        assertThat(pins.get(0).at().to(pins.get(1).at())).isCloseTo(0.3048, within(1e-4));
        assertThat(pins.get(0).at().y() - pins.get(1).at().y()).isCloseTo(0.26396, within(1e-9));
    }

    /** One net that hangs over all is a piece of line in each lane, half way. */
    @Test
    void aNetHangsAcrossEveryLaneHalfWay() {
        FloorPlan plan = FloorPlanner.of(with(
                LANES,
                List.of(new Piece(
                        Thing.Kind.MARKER, Need.Per.CLASS, 2, 8, "net", 0, Integer.MAX_VALUE, Line.Kind.NET, null)),
                Map.of()));
        List<Line> nets =
                plan.lines().stream().filter(l -> l.kind() == Line.Kind.NET).toList();
        List<Line> starts =
                plan.lines().stream().filter(l -> l.kind() == Line.Kind.START).toList();
        assertThat(nets).hasSize(7);
        for (int i = 0; i < 7; i++)
            assertThat(Math.abs(nets.get(i).from().y() - starts.get(i).from().y()))
                    .isCloseTo(1.5, within(0.01));
        assertThat(plan.things()).isEmpty();
    }

    /** Four ropes 0.8 m apart are drawn 0.8 m apart, however long the lane is; without a gap they share the lane out. */
    @Test
    void whatIsSoFarApartIsDrawnSoFarApart() {
        assertThat(gaps(0.8)).allSatisfy(gap -> assertThat(gap).isCloseTo(0.8, within(1e-9)));
        assertThat(gaps(null)).allSatisfy(gap -> assertThat(gap).isCloseTo(3.0 / 4, within(1e-9)));
    }

    private static List<Double> gaps(Double apart) {
        FloorPlan plan = FloorPlanner.of(with(
                LANES,
                List.of(new Piece(Thing.Kind.MARKER, Need.Per.GROUP, 4, 2, "ropes", 0, 1, Line.Kind.ROPE, apart)),
                Map.of()));
        List<Double> at = plan.lines().stream()
                .filter(l -> l.kind() == Line.Kind.ROPE)
                .map(l -> l.from().y())
                .toList();
        assertThat(at).hasSize(4);
        return IntStream.range(1, 4)
                .mapToObj(i -> Math.abs(at.get(i) - at.get(i - 1)))
                .toList();
    }

    /** Who watches stands along the edge, out of the way of those who work. */
    @Test
    void halfOfAClassWatchesFromTheEdge() {
        FloorPlan plan = FloorPlanner.of(new FloorTask(
                HALL,
                new SpaceNeed(3, 2, null),
                Formation.SCATTER,
                Groups.sizes(40, 40),
                List.of(),
                Sending.NOTHING,
                List.of(),
                List.of(),
                Gathering.WHERE_THEY_ARE,
                null,
                Side.RIGHT,
                Map.of(),
                2,
                null));
        List<Spot> works =
                plan.spots().stream().filter(s -> s.does() == Spot.Does.ACTS).toList();
        List<Spot> watches =
                plan.spots().stream().filter(s -> s.does() == Spot.Does.WAITS).toList();
        assertThat(works).hasSize(20);
        assertThat(watches).hasSize(20);
        for (Spot w : watches)
            assertThat(works).allSatisfy(s -> assertThat(s.at().to(w.at())).isGreaterThan(0.6));
    }

    /** Crabs, sharks and officers stand in the middle, as many as the step says. */
    @Test
    void asManyStandInTheMiddleAsTheStepSays() {
        for (int opponents : List.of(1, 2, 6)) {
            FloorPlan plan = FloorPlanner.of(new FloorTask(
                    HALL,
                    new SpaceNeed(8, 1, null),
                    Formation.CROSSING,
                    List.of(27),
                    List.of(),
                    Sending.NOTHING,
                    List.of(),
                    List.of(),
                    Gathering.OWN_SIDE,
                    null,
                    Side.RIGHT,
                    Map.of(),
                    1,
                    opponents));
            assertThat(plan.spots()).hasSize(27);
            double home = plan.lines().stream()
                    .filter(l -> l.kind() == Line.Kind.START)
                    .findFirst()
                    .orElseThrow()
                    .from()
                    .x();
            assertThat(plan.spots()).filteredOn(s -> s.at().x() > home).hasSize(opponents);
        }
    }

    @Test
    void nearerAndFurtherLinesLieAtTheirDistances() {
        FloorPlan plan = FloorPlanner.of(task(
                HALL,
                LANES.need(),
                Formation.LANES,
                LANES.sizes(),
                new Sending(Way.ROLLED, 3.0, List.of(2.0, 4.0), 6, false, 0)));
        double start = plan.lines().stream()
                .filter(l -> l.kind() == Line.Kind.START)
                .mapToDouble(l -> l.from().y())
                .findFirst()
                .orElseThrow();
        assertThat(plan.lines().stream()
                        .filter(l -> l.kind() == Line.Kind.STEP)
                        .map(l -> Math.round(10 * (l.from().y() - start)) / 10.0))
                .containsOnly(-1.0, 1.0)
                .hasSize(14);
    }

    @Test
    void tooLongADistanceSaysByHowMuch() {
        FloorPlan plan = FloorPlanner.of(
                task(HALL, LANES.need(), Formation.LANES, LANES.sizes(), new Sending(Way.ROLLED, 7.0, 6, false)));
        assertThat(plan.findings()).extracting(Finding::message).anyMatch(m -> m.contains("more floor than there is"));
        assertThat(plan.spots()).hasSize(27);
    }

    @Test
    void aLobUnderALowCeilingIsFound() {
        // 45 degrees: the rise is a quarter of the range. Worked.
        Place low = new Place("p", new Length(20), new Length(10), new Length(3), Place.Floor.WOOD, 0);
        FloorTask lob = task(
                low,
                new SpaceNeed(10, 2, null),
                Formation.LANES,
                List.of(4, 4),
                new Sending(Way.THROWN, 8.0, 0, false));
        assertThat(FloorPlanner.of(lob).findings())
                .extracting(Finding::message)
                .anyMatch(m -> m.contains("0.3 m too low"));
    }

    @Test
    void sectorsForMeasuringAreAsWideAsTheRulesSay() {
        // World Athletics: the chord between the lines is 0.60 r for the heavy ball and 0.50 r for the spear; memory.
        assertThat(2 * Math.sin(Math.toRadians(LaneSketch.SECTOR_DEGREES / 2))).isCloseTo(0.60, within(0.001));
        assertThat(2 * Math.sin(Math.toRadians(28.96 / 2))).isCloseTo(0.50, within(0.001));
        Place field = new Place("field", new Length(50), new Length(30), null, Place.Floor.GRASS, 0);
        FloorPlan plan = FloorPlanner.of(task(
                field,
                new SpaceNeed(18, 12, null),
                Formation.LANES,
                List.of(6),
                new Sending(Way.THROWN, 8.0, 0, true)));
        List<Line> sector =
                plan.lines().stream().filter(l -> l.kind() == Line.Kind.SECTOR).toList();
        double r = sector.get(0).from().to(sector.get(0).to());
        assertThat(sector.get(0).to().to(sector.get(1).to()) / r).isCloseTo(0.60, within(0.001));
        List<Line> zones =
                plan.lines().stream().filter(l -> l.kind() == Line.Kind.ZONE).toList();
        assertThat(zones.get(0).from().to(zones.get(1).from())).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void aMovedStationStaysAndTheOthersMakeRoom() {
        FloorTask stations =
                task(HALL, new SpaceNeed(4, 4, null), Formation.STATIONS, List.of(7, 7, 7, 6), Sending.NOTHING);
        FloorPlan moved = FloorPlanner.of(with(stations, List.of(), Map.of(2, new Point(6.2, 2))));
        assertThat(moved.areas().get(2).rect().x()).isEqualTo(6.2);
        assertThat(moved.spots()).hasSize(27);
        FloorPlan tight = FloorPlanner.of(with(
                task(HALL, new SpaceNeed(8, 2, null), Formation.LANES, LANES.sizes(), LANES.sending()),
                List.of(),
                Map.of(3, new Point(7.5, 0.5))));
        assertThat(tight.findings()).extracting(Finding::message).anyMatch(m -> m.contains("m of width are missing"));
        assertThat(tight.spots()).hasSize(27);
    }

    /** Facts of the trade: a file of n that passes back needs n - 1 places; too long means a shorter file, not a shorter throw. */
    @Test
    void aFileTakesAPlaceLessThanItsChildren() {
        FloorTask six = task(HALL, new SpaceNeed(6, 2, null), Formation.FILES, List.of(6, 6), Sending.NOTHING);
        FloorPlan fits = FloorPlanner.of(six);
        assertThat(fits.findings()).isEmpty();
        assertThat(fits.spots().get(0).at().to(fits.spots().get(5).at())).isCloseTo(5, within(1e-9));
        FloorPlan seven =
                FloorPlanner.of(task(HALL, new SpaceNeed(6, 2, null), Formation.FILES, List.of(7, 7), Sending.NOTHING));
        assertThat(seven.findings().get(0).message()).contains("files of 6, not shorter passes");
    }

    @Test
    void runningEndsThreeMetresBeforeTheWall() {
        FloorPlan plan = FloorPlanner.of(task(
                HALL,
                new SpaceNeed(8, 4, null),
                Formation.CROSSING,
                List.of(27),
                new Sending(Way.RUN, null, 0, false)));
        Line far = plan.lines().stream()
                .filter(l -> l.kind() == Line.Kind.FAR)
                .findFirst()
                .orElseThrow();
        assertThat(17 - far.from().x()).isEqualTo(3);
    }

    @Test
    void nobodyIsNoGroup() {
        assertThatThrownBy(() -> task(HALL, LANES.need(), Formation.LANES, List.of(), Sending.NOTHING))
                .hasMessageContaining("at least one child");
        assertThatThrownBy(() -> task(HALL, LANES.need(), Formation.LANES, List.of(3, -1), Sending.NOTHING))
                .hasMessageContaining("at least one child");
    }

    /** All of them in bin/bench sweeps, a third otherwise. */
    private static final int CASES = Boolean.getBoolean("isokinet.full-sweeps") ? 12_000 : 4_000;

    /** Thousands of seeded cases: nobody lost or twice, all inside the walls, clear of doors, apart, nobody in front of a line. */
    @Test
    void whateverFitsIsDrawnWhole() {
        Random random = new Random(20);
        int drawn = 0;
        for (int i = 0; i < CASES; i++) {
            Place place = place(random);
            Formation formation = Formation.values()[random.nextInt(Formation.values().length)];
            int children = 1 + random.nextInt(60);
            int least = 1 + random.nextInt(3);
            Grouping grouping =
                    new Grouping(formation, least, least + random.nextInt(3), least + 2 + random.nextInt(5));
            SpaceNeed need = new SpaceNeed(3 + random.nextInt(10), 1.2 + random.nextDouble() * 3, null);
            FloorFit fit = FloorFit.of(place, need, formation, children);
            Integer groups = Groups.counts(grouping, children).stream()
                    .filter(n -> n <= fit.groups())
                    .findFirst()
                    .orElse(null);
            if (groups == null) continue;
            Double metres = random.nextInt(3) == 0 ? null : 1.0 + random.nextInt(8);
            FloorTask task = new FloorTask(
                    place,
                    need,
                    formation,
                    Groups.sizes(children, groups),
                    List.of(1),
                    new Sending(Way.values()[random.nextInt(Way.values().length)], metres, 4, random.nextInt(5) == 0),
                    List.of(
                            new Piece(Thing.Kind.PIN, Need.Per.GROUP, 1 + random.nextInt(10), 0.07, "pin"),
                            new Piece(Thing.Kind.PILE, Need.Per.GROUP, 2, 0.2, "balls"),
                            new Piece(Thing.Kind.MARKER, Need.Per.CLASS, random.nextInt(4) + 1, 0.2, "cone")),
                    List.of("roller", "fielder"),
                    Gathering.AT_THE_TEACHER,
                    Seen.values()[random.nextInt(3)],
                    Side.LEFT,
                    random.nextInt(4) == 0
                            ? Map.of(0, new Point(random.nextDouble() * 20, random.nextDouble() * 10))
                            : Map.of(),
                    1,
                    null);
            check(FloorPlanner.of(task), task, "case " + i + ": " + formation + " " + children + " in " + place);
            drawn++;
        }
        assertThat(drawn).isGreaterThan(CASES / 3);
    }

    private static Place place(Random random) {
        double width = 2 + random.nextInt(25) + random.nextDouble();
        double length = width + random.nextInt(30);
        List<Fixture> fixtures = random.nextBoolean()
                ? List.of()
                : List.of(
                        new Fixture(Fixture.Kind.DOOR, "door", 0, width / 3, 0, 1),
                        new Fixture(
                                Fixture.Kind.HAZARD,
                                "post",
                                random.nextDouble() * length,
                                random.nextDouble() * width,
                                0.4,
                                0.4),
                        new Fixture(Fixture.Kind.WALL, "wall", 0, 0, length, 0));
        return new Place(
                "a place",
                new Length(length),
                new Length(width),
                random.nextBoolean() ? new Length(4) : null,
                Place.Floor.WOOD,
                random.nextInt(20),
                fixtures);
    }

    private static void check(FloorPlan plan, FloorTask task, String what) {
        Floor floor = new Floor(task.place());
        Rect walls = new Rect(0, 0, floor.length, floor.width);
        assertThat(plan.spots()).as(what).hasSize(task.children());
        assertThat(plan.spots().stream().map(s -> s.group() + "." + s.place()).distinct())
                .as("twice in " + what)
                .hasSize(task.children());
        for (int g = 0; g < task.sizes().size(); g++) {
            int group = g;
            assertThat(plan.spots().stream().filter(s -> s.group() == group))
                    .as("group %d of %s", g, what)
                    .hasSize(task.sizes().get(g));
        }
        for (Spot spot : plan.spots()) {
            assertThat(walls.holds(spot.at())).as("%s inside, %s", spot, what).isTrue();
            if (task.formation() != Formation.WALL)
                assertThat(floor.keepOut.stream().noneMatch(k -> k.grown(-0.01).holds(spot.at())))
                        .as("%s clear of doors and fixtures, %s", spot, what)
                        .isTrue();
            assertThat(plan.closed().stream().noneMatch(c -> c.grown(-0.01).holds(spot.at())))
                    .as("%s behind the line, %s", spot, what)
                    .isTrue();
        }
        for (Area a : plan.areas()) {
            assertThat(walls.encloses(a.rect())).as("%s inside, %s", a, what).isTrue();
            for (Area b : plan.areas())
                assertThat(a.group() < b.group() && a.rect().overlaps(b.rect()))
                        .as("%s and %s overlap, %s", a, b, what)
                        .isFalse();
        }
        for (Thing thing : plan.things())
            assertThat(walls.holds(thing.at())).as("%s inside, %s", thing, what).isTrue();
        assertThat(walls.holds(plan.teacher())).as(what).isTrue();
        if (!task.formation().spreads()
                && task.formation() != Formation.CROSSING
                && task.formation() != Formation.TWO_SIDES)
            for (int i = 0; i < plan.spots().size(); i++)
                for (int j = i + 1; j < plan.spots().size(); j++)
                    if (plan.findings().isEmpty())
                        assertThat(plan.spots()
                                        .get(i)
                                        .at()
                                        .to(plan.spots().get(j).at()))
                                .as(
                                        "%s and %s, %s",
                                        plan.spots().get(i), plan.spots().get(j), what)
                                .isGreaterThan(0.3);
    }
}
