package io.isokinet.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.place.Place.Floor;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.quantity.Speed;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MotionTest {
    /** Worked from t = 2 sqrt(2h/g) with g = 9.80665 m/s2 (CGPM 1901). */
    @ParameterizedTest
    @CsvSource({"0.5, 0.639", "1.0, 0.903", "1.5, 1.106", "2.0, 1.277"})
    void aTossStaysUp(double rise, double seconds) {
        assertThat(Flight.airTime(rise)).isCloseTo(seconds, within(0.0005));
    }

    /** Worked from h = g t2 / 8. */
    @ParameterizedTest
    @CsvSource({"0.8, 0.785", "1.0, 1.226", "1.2, 1.765"})
    void aTossMustRise(double seconds, double rise) {
        assertThat(Flight.rise(seconds)).isCloseTo(rise, within(0.0005));
        assertThat(Flight.airTime(Flight.rise(seconds))).isCloseTo(seconds, within(1e-12));
    }

    /** Form: Lichtenberg and Wills, Am. J. Phys. 46 (1978), from memory; values worked. */
    @ParameterizedTest
    @CsvSource({"13, 2.1, 41.9, 19.2", "6, 1.2, 37.9, 4.72"})
    void aThrowGoesFurthestBelowFortyFiveDegrees(double speed, double above, double degrees, double metres) {
        double angle = Flight.bestAngle(speed, above);
        assertThat(Math.toDegrees(angle)).isCloseTo(degrees, within(0.05));
        assertThat(Flight.range(speed, above, angle)).isCloseTo(metres, within(0.06));
        for (double off : new double[] {-0.05, 0.05})
            assertThat(Flight.range(speed, above, angle + off)).isLessThan(Flight.range(speed, above, angle));
    }

    @Test
    void aScarfGivesTimeWhereABallDoesNot() {
        assertThat(Flight.floatTime(2, 0.9)).isGreaterThan(3 * Flight.fallTime(2));
        assertThatThrownBy(() -> Flight.floatTime(2, 0)).hasMessageContaining("speed of fall");
        assertThatThrownBy(() -> Flight.airTime(-1)).hasMessageContaining("zero or more");
    }

    /** Common practice: a ball runs on over a hall floor and stops in the grass. */
    @Test
    void aBallRunsOnOverWoodAndStopsInGrass() {
        double wood = new Ground(Floor.WOOD).runsOn(Made.FOAM, new Speed(2.5)).metres();
        assertThat(wood).isGreaterThan(8);
        assertThat(new Ground(Floor.GRASS).runsOn(Made.FOAM, new Speed(2.5)).metres())
                .isLessThan(2);
        assertThat(new Ground(Floor.WOOD).runsOn(Made.FOAM, new Speed(5)).metres())
                .isCloseTo(4 * wood, within(1e-9));
    }

    /** Common practice: a bounce pass that lands two thirds to three quarters of the way arrives about waist height. */
    @Test
    void aBouncePassThatLandsThreeQuartersOfTheWayArrivesAtTheWaist() {
        for (double[] c : new double[][] {{3, 1.0, 4}, {4, 1.1, 5}, {3.5, 1.0, 4.5}}) {
            double low = BouncePass.arrives(c[0], c[1], c[2], new Share(0.75), 0.8);
            double high = BouncePass.arrives(c[0], c[1], c[2], new Share(2 / 3.0), 0.8);
            assertThat(high).isBetween(0.45, 0.9);
            assertThat(low).isBetween(0.35, 0.8).isLessThan(high);
        }
    }

    @Test
    void theBounceFollowedInStepsAgreesWithTheFormula() {
        for (double p : new double[] {0.55, 2 / 3.0, 0.75, 0.85})
            assertThat(BouncePass.followed(4, 1.1, 5, p, 0.8))
                    .isCloseTo(BouncePass.arrives(4, 1.1, 5, new Share(p), 0.8), within(0.01));
        Share point = BouncePass.pointFor(4, 1.1, 5, 0.6, 0.8);
        assertThat(BouncePass.arrives(4, 1.1, 5, point, 0.8)).isCloseTo(0.6, within(0.02));
    }

    /** Common practice: three steps back and two across; angle and length worked. */
    @Test
    void threeStepsBackAndTwoAcross() {
        RunUp run = RunUp.of(3, 2);
        assertThat(run.degrees()).isCloseTo(33.7, within(0.05));
        assertThat(run.steps()).isCloseTo(3.61, within(0.005));
        assertThatThrownBy(() -> RunUp.of(0, 2)).hasMessageContaining("more than zero");
    }

    /** Sutherland et al. 1980 and later gait norms, from memory, +-0.06 m. */
    @Test
    void stepsGrowWithAge() {
        assertThat(Pace.childs(new Age(5)).metres()).isCloseTo(0.43, within(0.06));
        assertThat(Pace.childs(new Age(7)).metres()).isCloseTo(0.48, within(0.06));
        assertThat(Pace.giant(new Age(7)).metres()).isCloseTo(0.96, within(0.12));
        assertThat(Pace.words(new Length(3), new Age(7))).isEqualTo("4 of your paces, 6 steps of theirs");
    }

    @Test
    void aLeverTellsItsMetres() {
        Lever lever = new Lever(
                "distance",
                List.of("3 m", "4 paces", "2 steps", "near line"),
                0,
                Lever.even(4, 0),
                List.of(
                        StepFacts.of(Reach.metres(3)),
                        StepFacts.of(new Reach(4, Reach.Unit.PACES)),
                        StepFacts.of(new Reach(2, Reach.Unit.STEPS)),
                        StepFacts.NONE));
        Age seven = new Age(7);
        assertThat(lever.metres(0, seven)).hasValue(3);
        assertThat(lever.metres(1, seven)).hasValue(3);
        assertThat(lever.metres(2, seven).getAsDouble()).isCloseTo(0.96, within(1e-9));
        assertThat(lever.metres(3, seven)).isEmpty();
        // Words are for people: nothing is read out of them.
        assertThat(new Lever("distance", List.of("1 m"), 0).metres(0, seven)).isEmpty();
        assertThatThrownBy(() -> Reach.metres(0)).hasMessageContaining("more than 0 and at most 100");
        assertThatThrownBy(() -> Reach.metres(500)).hasMessageContaining("not 500");
    }
}
