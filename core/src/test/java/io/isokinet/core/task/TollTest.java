package io.isokinet.core.task;

import static io.isokinet.core.Made.activity;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.StepFacts.Limb;
import io.isokinet.core.activity.Tempo;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Cupboard;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TollTest {
    private static final Age EIGHT = new Age(8);

    private static Task task(Activity activity, int step) {
        return Task.preferred(activity, step, EIGHT, Place.Floor.WOOD, Made.knowHow());
    }

    private static Activity taking(Effort effort, StepFacts... steps) {
        Made.Builder builder =
                activity("a", LessonPhase.PRACTISE).of(Made.ROLL, 2).takes(effort);
        if (steps.length > 0)
            builder.lever(new Lever("way", List.of("one", "two"), 0, Lever.even(2, 0), List.of(steps)));
        return builder.build();
    }

    /** Slow motion is not full effort. */
    @Test
    void slowMotionTakesNothing() {
        Activity throwing = taking(Effort.THROW, StepFacts.of(Tempo.SLOW), StepFacts.of(Tempo.FULL));
        assertThat(Toll.of(task(throwing, 0), 40)).isEqualTo(Toll.NONE);
        assertThat(Toll.of(task(throwing, 1), 40).overarm()).isEqualTo(40);
        assertThat(task(throwing, 0).most()).isEqualTo(Integer.MAX_VALUE);
        assertThat(task(throwing, 1).most()).isEqualTo(16);
        assertThat(task(throwing, 1).bound()).contains("At most 16 each", "50 a day at 8 years");
    }

    /** A push counts by what is really pushed: a foam ball of 200 g is not heavy. */
    @Test
    void aPushCountsByTheMassThatIsUsed() {
        Activity light = activity("p", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .takes(Effort.PUSH)
                .needs(Made.balls(io.isokinet.core.thing.Need.Per.GROUP, 1))
                .build();
        assertThat(Toll.of(task(light, 0), 30).pushes()).isZero();
    }

    /** Four fifths of a limit cost nothing; each try above it comes near. */
    @ParameterizedTest
    @CsvSource({
        "40, 40, 12, 48, 0",
        "41, 0, 0, 0, 1",
        "0, 42, 0, 0, 2",
        "0, 0, 13, 0, 1",
        "0, 0, 0, 50, 2",
        "50, 0, 15, 60, 25"
    })
    void whatComesNearALimitIsCounted(int overarm, int other, int pushes, int landings, int near) {
        Toll toll = new Toll(overarm, other, pushes, landings, 0, 0);
        assertThat(toll.near(EIGHT)).isEqualTo(near);
        assertThat(toll.over(EIGHT)).isZero();
    }

    /** A class to whom a skill is new stands behind its age, at every step; without a figure there is none. */
    @Test
    void whatIsNewIsHarder() {
        Activity rolling = activity("r", LessonPhase.PRACTISE).of(Made.ROLL, 2).build();
        Task settled = task(rolling, 0);
        Task fresh = Task.of(
                settled.asked(), EIGHT, Place.Floor.WOOD, List.of(), List.of(), Made.knowHow(), Cupboard.EMPTY, true);
        assertThat(settled.success().share()).isNotNull();
        assertThat(fresh.success().share()).isLessThan(settled.success().share());
        assertThat(fresh.success().reason())
                .endsWith("The skill was new to the class when the unit began, so it is less.");
    }

    /** A lesson of three such stretches is within every limit; one try more of each is not. */
    @ParameterizedTest
    @CsvSource({"50, 0, 15, 60, 0", "51, 0, 0, 0, 1", "0, 51, 0, 0, 1", "0, 0, 16, 0, 1", "0, 0, 0, 62, 2"})
    void whatIsTooMuchIsCounted(int overarm, int other, int pushes, int landings, int over) {
        Toll toll = new Toll(overarm, other, pushes, landings, 0, 0);
        assertThat(toll.over(EIGHT)).isEqualTo(over);
        assertThat(toll.findings(EIGHT)).hasSize(over == 0 ? 0 : 1);
    }

    @Test
    void holdsAreSharedUnlessASideIsSet() {
        Activity inTurn = taking(Effort.HOLD);
        assertThat(Toll.of(task(inTurn, 0), 13)).isEqualTo(new Toll(0, 0, 0, 0, 7, 6));
        Activity sided = taking(Effort.HOLD, StepFacts.of(Limb.PREFERRED), StepFacts.of(Limb.OTHER));
        assertThat(task(sided, 0).most()).isEqualTo(Toll.MOST_ONE_SIDED);
        Toll both = Toll.of(task(sided, 0), 8).and(Toll.of(task(sided, 1), 8));
        assertThat(both.over(EIGHT)).isZero();
        assertThat(Toll.of(task(sided, 0), 9).over(EIGHT)).isEqualTo(1);
    }
}
