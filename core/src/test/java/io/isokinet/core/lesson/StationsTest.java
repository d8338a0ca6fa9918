package io.isokinet.core.lesson;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.SKITTLE;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.balls;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.targets;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.aim.Band;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.thing.Need.Per;
import java.util.List;
import org.junit.jupiter.api.Test;

class StationsTest {
    private final Activity lanes = activity("lanes", LessonPhase.PRACTISE)
            .of(ROLL, 2)
            .grouped(Formation.LANES, 2, 3, 6)
            .turn(4, 3, 2, 6)
            .space(6.5, 1.6)
            .needs(balls(Per.GROUP, 1), targets(Per.GROUP, 1))
            .build();
    private final Activity pairs = activity("pairs", LessonPhase.PRACTISE)
            .of(ROLL, 3)
            .grouped(Formation.PAIRS, 2, 2, 3)
            .turn(4, 3, 2, 0)
            .space(3, 1.5)
            .needs(balls(Per.GROUP, 1))
            .build();
    private final KnowHow known = knowHow(lanes, pairs);
    private final Activity both = known.activity(new ActivityKeys(List.of("lanes", "pairs")));

    private Fit fit(int children, Object... stock) {
        return new Fitter(known, cupboard(stock), new Age(7), children).fit(both, HALL);
    }

    private Fit.Works works(Fit fit) {
        assertThat(fit).isInstanceOf(Fit.Works.class);
        return (Fit.Works) fit;
    }

    @Test
    void twoActivitiesAreOneWithTheHigherRungAndBothTheirCues() {
        assertThat(both.rung().level()).isEqualTo(3);
        assertThat(both.hosts()).containsAll(lanes.hosts()).containsAll(pairs.hosts());
        assertThat(both.minutesLeast()).isEqualTo(6);
        assertThat(both.how()).contains("Station 1, ").contains("Station 2, ");
    }

    @Test
    void halfTheClassIsAtEachAndTheTriesAreTheMeanOfBoth() {
        Fit.Works works = works(fit(15, FOAM, 20, SKITTLE, 20));
        assertThat(works.sizes()).containsExactly(8, 7);
        assertThat(works.formation()).startsWith("2 groups of 8 and 7 go round: ");
        int one = works.stations().get(0).works().milliTriesPerMinute();
        int other = works.stations().get(1).works().milliTriesPerMinute();
        assertThat(works.milliTriesPerMinute()).isEqualTo((one + other) / 2);
        assertThat(works.stations().get(0).works().sizes().stream()
                        .mapToInt(i -> i)
                        .sum())
                .isEqualTo(8);
    }

    @Test
    void kitThatIsAtOneStationIsNotAtAnother() {
        // Eight at the lanes take three balls or two, eight in pairs take four.
        assertThat(works(fit(16, FOAM, 8, SKITTLE, 20)).kit().stream()
                        .filter(l -> l.item().equals(FOAM.key()))
                        .mapToInt(l -> l.count())
                        .sum())
                .isLessThanOrEqualTo(8);
        // What is fetched is told once, for all stations.
        assertThat(works(fit(16, FOAM, 8, SKITTLE, 20)).kit().stream().map(l -> l.item()))
                .doesNotHaveDuplicates();
        Fit few = fit(16, FOAM, 3, SKITTLE, 20);
        assertThat(few).isInstanceOf(Fit.Fails.class);
        assertThat(((Fit.Fails) few).reasons().get(0)).startsWith("Station 2 for 8 children: ");
    }

    @Test
    void everyStationKeepsToItsPartOfTheFloor() {
        Fit.Works works = works(fit(16, FOAM, 20, SKITTLE, 20));
        FloorPlan floor = ((Stretch.Fits) Stretch.of(
                        new Stretch.Planned("s", both, 0, 10, 20, 0, null, false),
                        works,
                        Stretch.Hands.NONE,
                        HALL,
                        known,
                        Band.USUAL))
                .floor();
        double half = HALL.length().metres() / 2;
        assertThat(floor.spots()).hasSize(16);
        assertThat(floor.spots()).allSatisfy(s -> assertThat(s.at().x() < half).isEqualTo(s.group() == 0));
        assertThat(floor.spots()).allSatisfy(s -> assertThat(s.at().y())
                .isBetween(0.0, HALL.width().metres()));
        assertThat(floor.areas().get(1).rect().x()).isCloseTo(half, within(1e-9));
    }

    @Test
    void theLeverMovesBothFromTheirUsualSteps() {
        assertThat(Stations.step(lanes, both, 0)).isZero();
        Activity near = activity("near", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .lever(Made.distance(1, 2, 3, 4))
                .build();
        Activity far = activity("far", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .lever(Made.distance(0, 5, 6))
                .build();
        Activity all = Stations.of(List.of(near, far));
        assertThat(all.levers().get(0).steps())
                .map(Lengths::plain)
                .containsExactly("2 m | 5 m", "3 m | 5 m", "4 m | 6 m");
        assertThat(Stations.step(near, all, 2)).isEqualTo(2);
        assertThat(Stations.step(far, all, 2)).isEqualTo(1);
        assertThat(Stations.step(far, all, 0)).isZero();
    }

    @Test
    void whatCannotStandTogetherIsSaid() {
        Activity warm = activity("warm", LessonPhase.WARM).build();
        assertThatThrownBy(() -> Stations.of(List.of(lanes, warm))).hasMessageContaining("work on one skill");
        assertThatThrownBy(() -> Stations.of(List.of(lanes, lanes))).hasMessageContaining("at two stations");
        assertThatThrownBy(() -> Stations.of(List.of(lanes))).hasMessageContaining("2 to 4");
        Place cupboard = new Place("the stage", new Length(3), new Length(2.5), null, Place.Floor.WOOD, 0);
        Fit tight = new Fitter(known, cupboard(FOAM, 20), new Age(7), 16).fit(both, cupboard);
        assertThat(Lengths.plain(((Fit.Fails) tight).reasons().get(0))).contains("have 1.5 m each; 2 m are needed");
        Fit three = fit(3, FOAM, 20, SKITTLE, 20);
        assertThat(((Fit.Fails) three).reasons().get(0)).contains("two children each; there are 3");
    }
}
