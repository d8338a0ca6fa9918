package io.isokinet.knowhow;

import static io.isokinet.knowhow.Fixtures.KNOW_HOW;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Floors;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.task.Success;
import io.isokinet.core.task.Task;
import io.isokinet.core.thing.Cupboard;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What steps set beside a distance is seen on the floor and in the figures. */
class StepsOnTheFloorTest {
    private static final Place FIELD =
            new Place("the field", new Length(50), new Length(30), null, Place.Floor.GRASS, 0);
    private static final Place HALL =
            new Place("the hall", new Length(18), new Length(10), new Length(5), Place.Floor.WOOD, 0);
    private static final Age TEN = new Age(10);

    private final Fitter fitter = new Fitter(
            KNOW_HOW, Cupboard.of(KNOW_HOW.items().stream().collect(Collectors.toMap(i -> i, i -> 120))), TEN, 24);

    private Fit.Works works(String key, Place place, int setting) {
        return (Fit.Works) fitter.fit(activity(key), setting, place);
    }

    private static Activity activity(String key) {
        return KNOW_HOW.activities().stream()
                .filter(a -> a.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static FloorPlan drawn(Fit.Works works, Place place) {
        return Floors.of(works, place, KNOW_HOW, null, List.of(), Map.of());
    }

    /** By hand: five steps of a ten-year-old behind the line, which is where it is let go. */
    @Test
    void whoRunsUpStartsBehindTheLine() {
        for (int step : new int[] {0, 1}) {
            Fit.Works works = works("five-steps-and-plant", FIELD, step);
            double runUp = (step == 0 ? 3 : 5) * Pace.childs(TEN).metres();
            assertThat(works.task().runUp()).isEqualTo(runUp);
            FloorPlan plan = drawn(works, FIELD);
            assertThat(plan.findings()).isEmpty();
            Line line = plan.lines().stream()
                    .filter(l -> l.kind() == Line.Kind.START)
                    .findFirst()
                    .orElseThrow();
            Spot first = plan.spots().stream()
                    .filter(s -> s.does() == Spot.Does.ACTS)
                    .findFirst()
                    .orElseThrow();
            boolean along = Math.abs(line.from().x() - line.to().x()) < 0.01;
            double behind = along
                    ? Math.abs(first.at().x() - line.from().x())
                    : Math.abs(first.at().y() - line.from().y());
            assertThat(behind).isCloseTo(runUp + 0.2, within(0.01));
        }
    }

    /** Between the two of a pair, not under one of them. */
    @Test
    void aRopeIsALineBetweenTheTwoOfAPair() {
        FloorPlan plan = drawn(works("over-the-rope", HALL, 0), HALL);
        List<Line> across =
                plan.lines().stream().filter(l -> l.kind() == Line.Kind.ROPE).toList();
        assertThat(across).hasSameSizeAs(plan.areas());
        for (int g = 0; g < across.size(); g++) {
            int group = g;
            List<Double> far = plan.spots().stream()
                    .filter(s -> s.group() == group && s.place() < 2)
                    .map(s -> distance(across.get(group), s))
                    .toList();
            assertThat(far.get(0)).isCloseTo(far.get(1), within(0.05));
        }
    }

    private static double distance(Line line, Spot spot) {
        boolean upright = Math.abs(line.from().x() - line.to().x()) < 0.01;
        return upright
                ? Math.abs(spot.at().x() - line.from().x())
                : Math.abs(spot.at().y() - line.from().y());
    }

    /** The aim at what stands does not tell how often a runner is led. */
    @Test
    void whatMovesHasNoFigureFromTheAim() {
        Success led = Task.preferred(activity("passing-gulls"), 1, TEN, Place.Floor.WOOD, KNOW_HOW)
                .success();
        assertThat(led.source()).isEqualTo(Success.Source.SCALE);
        assertThat(led.reason()).contains("since the target moves");
    }
}
