package io.isokinet.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.motion.TossTask.Task;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Share;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Tosses with a task, and the beat of juggling. */
class WorkbenchTest {
    /** N 3, H 2, F 0.60, D 0.40: V 0.267 s (Shannon, Scientific aspects of juggling, about 1980; from memory). */
    @Test
    void theEmptyHandIsShannons() {
        assertThat(Juggling.empty(3, 0.60, 0.40)).isCloseTo(0.267, within(0.0005));
        Juggling beat = Juggling.of(3, Flight.rise(0.60), 0.40);
        assertThat(beat.flight()).isCloseTo(0.60, within(1e-9));
        assertThat(beat.between()).isCloseTo(1.0 / 3, within(1e-9));
        assertThat(beat.sentence()).contains("180 a minute").contains("top after 0.30 s");
    }

    @Test
    void whatNoHandCanDoIsSaidWithARemedy() {
        assertThatThrownBy(() -> Juggling.of(5, 0.2, 0.5)).hasMessageContaining("Throw higher");
        assertThatThrownBy(() -> Juggling.of(2, 1, 0.3)).hasMessageContaining("3 things or more");
    }

    /** 1.3 s in the air need 9.80665 x 1.69 / 8 = 2.07 m; at seven the hand is at 0.62 m. */
    @Test
    void aTossForTheFloorNeedsItsHeightAndACeilingAboveIt() {
        TossTask toss = TossTask.of(Task.FLOOR, new Age(7), 3.2, 0);
        assertThat(toss.rise()).isCloseTo(2.07, within(0.005));
        assertThat(toss.top()).isCloseTo(2.69, within(0.01));
        assertThat(toss.fits()).isTrue();
        TossTask low = TossTask.of(Task.FLOOR, new Age(7), 2.8, 0);
        assertThat(low.fits()).isFalse();
        assertThat(low.sentence()).contains("too low. Take a shorter task, a scarf, or go outside");
        assertThat(TossTask.of(Task.TURN, new Age(11), null, 1).fits()).isTrue();
        assertThatThrownBy(() -> TossTask.of(Task.CLAP, new Age(7), null, -1)).hasMessageContaining("not lower");
    }

    @Test
    void thePathOfABounceBeginsAtTheHandsTouchesTheFloorAndArrivesWhereItIsSaid() {
        Share point = new Share(0.75);
        assertThat(BouncePass.height(3, 0.9, 5, point, 0.75, 0)).isCloseTo(0.9, within(1e-9));
        assertThat(BouncePass.height(3, 0.9, 5, point, 0.75, 0.75)).isCloseTo(0, within(1e-9));
        assertThat(BouncePass.height(3, 0.9, 5, point, 0.75, 1))
                .isCloseTo(BouncePass.arrives(3, 0.9, 5, point, 0.75), within(1e-9));
    }

    /** As the cue has it, common practice: between two thirds and three quarters of the way, to about the waist. */
    @Test
    void aGentlePassBouncesWhereTheCueSaysAndComesUpToTheWaist() {
        for (int age = 7; age <= 9; age++) {
            BounceTask gentle = BounceTask.of(3, new Age(age), 3, 0.75);
            assertThat(gentle.point()).as("at " + age).isBetween(0.62, 0.76);
            assertThat(gentle.sentence()).doesNotContain("does not come up");
        }
    }

    /** The remedy holds: at the speed that is named the waist is reached; a flat ball is told apart. */
    @Test
    void whereTheWaistIsNotReachedASlowerPassOrAnotherBallIsNamed() {
        int named = 0;
        for (double metres = 2; metres <= 5; metres++)
            for (double speed = 3; speed <= 7; speed++) {
                Matcher slower = Pattern.compile("At ([0-9.]+) m/s it does")
                        .matcher(BounceTask.of(metres, new Age(8), speed, 0.75).sentence());
                if (!slower.find()) continue;
                named++;
                assertThat(BounceTask.of(metres, new Age(8), Double.parseDouble(slower.group(1)), 0.75)
                                .sentence())
                        .doesNotContain("does not come up");
            }
        assertThat(named).isGreaterThan(5);
        assertThat(BounceTask.of(3, new Age(8), 5, 0.3).sentence()).contains("take a ball that bounces higher");
    }

    /** By hand: 0.7 s to a bounce 2.1 m on at 3 m/s, in which a ball falls 2.4 m: from 0.875 m it must go up first, at 2.2 m/s. */
    @Test
    void itSaysWhichWayItLeavesTheHands() {
        assertThat(BouncePass.leaves(3, 0.875, 3, new Share(0.7))).isCloseTo(2.18, within(0.01));
        assertThat(BounceTask.of(3, new Age(8), 3, 0.75).sentence())
                .contains("leaves the hands upwards, a toss: pushed at two thirds of the way it arrives");
        assertThat(BounceTask.of(3, new Age(8), 7, 0.75).sentence()).contains("It is pushed down out of the hands");
    }

    /** From 0.875 m at 5 m/s over 3 m, rebound 0.75: of the points from half of the way on, half comes up highest, to 0.546 m (worked). */
    @Test
    void aBouncePassOfAnEightYearOldArrivesAsNearTheWaistAsItCan() {
        BounceTask bounce = BounceTask.of(3, new Age(8), 5, 0.75);
        assertThat(bounce.from()).isCloseTo(0.875, within(1e-9));
        assertThat(bounce.arrives()).isCloseTo(0.546, within(0.001));
        assertThat(bounce.path()).hasSize(21).first().isEqualTo(bounce.from());
        assertThat(Lengths.plain(bounce.sentence()))
                .contains("about the waist is 0.7 m", "So fast it does not come up to the waist");
        assertThatThrownBy(() -> BounceTask.of(0.5, new Age(8), 5, 0.75)).hasMessageContaining("1 to 15 m");
    }
}
