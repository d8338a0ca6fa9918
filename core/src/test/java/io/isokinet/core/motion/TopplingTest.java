package io.isokinet.core.motion;

import static io.isokinet.core.Made.EMPTY;
import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.FULL;
import static io.isokinet.core.Made.SKITTLE;
import static io.isokinet.core.Made.SOCK;
import static io.isokinet.core.Made.ball;
import static io.isokinet.core.Made.stander;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.motion.Toppling.Verdict;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.thing.Trait;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class TopplingTest {
    private static final Age SEVEN = new Age(7);
    /** The figures depend on the bottle. */
    private static final double BOTTLES_DIFFER = 0.35;

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/tip-energy.csv", numLinesToSkip = 4)
    void tippingABottleTakesTheUsualEnergy(double grams, double centre, double millijoules) {
        double energy =
                Toppling.energyToTip(Mass.ofGrams(grams), Length.ofMillimetres(centre), Length.ofMillimetres(65));
        assertThat(energy * 1000).isCloseTo(millijoules, within(millijoules * BOTTLES_DIFFER));
    }

    /** Common practice: a heavy bottle will not fall to a sock ball, an empty one will. */
    @Test
    void aHeavyBottleDoesNotFallToASockBall() {
        assertThat(Toppling.of(SOCK, FULL, SEVEN).verdict()).isEqualTo(Verdict.NO);
        assertThat(Toppling.of(SOCK, EMPTY, SEVEN).verdict()).isEqualTo(Verdict.LIKELY);
        assertThat(Toppling.of(SOCK, FULL, SEVEN).reason()).startsWith("Full bottles will not fall to sock balls");
    }

    /** Common practice: a table-tennis ball rolled by a child will hardly topple a cup. Ball: 40 mm, 2.7 g, ITTF Laws. */
    @Test
    void aTableTennisBallHardlyTopplesACup() {
        var ball = ball("table-tennis", 2.7, 40, Trait.ROLLS, Trait.BOUNCES);
        var cup = stander("cup", 6, 75, 95, 75, 42);
        assertThat(Toppling.of(ball, cup, new Age(5)).verdict()).isNotEqualTo(Verdict.LIKELY);
    }

    @Test
    void aLargeFoamBallTopplesSkittles() {
        assertThat(Toppling.of(FOAM, SKITTLE, SEVEN).verdict()).isEqualTo(Verdict.LIKELY);
    }

    @Test
    void olderChildrenBringMoreEnergy() {
        double before = 0;
        for (int age = 4; age <= 10; age++) {
            double delivered = Toppling.of(SOCK, FULL, new Age(age)).delivered();
            assertThat(delivered).isGreaterThanOrEqualTo(before);
            before = delivered;
        }
        assertThat(Toppling.usualRoll(new Age(5)).metresPerSecond()).isEqualTo(2);
        assertThat(Toppling.usualRoll(new Age(12)).metresPerSecond()).isEqualTo(4);
    }

    @Test
    void doubtfulSaysToTryFirst() {
        var answer = Toppling.of(SOCK, SKITTLE, SEVEN);
        assertThat(answer.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(answer.reason()).contains("Try three rolls first");
    }

    /** Facts of the trade: a low ball makes a bottle slide or kicks its foot out rather than tipping it about the far edge. */
    @Test
    void aLowBallKicksTheFootOut() {
        assertThat(Toppling.of(SOCK, EMPTY, SEVEN).way()).isEqualTo(Toppling.Way.FOOT_KICKED_OUT);
        assertThat(Toppling.of(FOAM, stander("low", 55, 65, 200, 65, 60), SEVEN).way())
                .isEqualTo(Toppling.Way.TIPS);
        assertThat(Toppling.of(FOAM, SKITTLE, SEVEN).way()).isEqualTo(Toppling.Way.TRIPS);
        assertThat(Toppling.of(SOCK, FULL, new Age(5)).way()).isEqualTo(Toppling.Way.SLIDES);
    }

    @Test
    void theFillThatWorksFallsAndALittleMoreDoesNot() {
        double grams = Toppling.heaviest(SOCK, EMPTY, SEVEN).orElseThrow().grams();
        assertThat(grams).isBetween(60.0, 300.0);
        assertThat(Toppling.of(SOCK, stander("b", grams * 0.99, 65, 200, 65, 100), SEVEN)
                        .verdict())
                .isEqualTo(Verdict.LIKELY);
        assertThat(Toppling.of(SOCK, stander("b", grams * 1.02, 65, 200, 65, 100), SEVEN)
                        .verdict())
                .isNotEqualTo(Verdict.LIKELY);
        assertThat(Toppling.heaviest(ball("table-tennis", 2.7, 40, Trait.ROLLS), SKITTLE, SEVEN))
                .isEmpty();
    }

    @Test
    void threeTestRollsOutrankTheComputation() {
        assertThat(Toppling.tried(SOCK, FULL, 3).verdict()).isEqualTo(Verdict.LIKELY);
        assertThat(Toppling.tried(SOCK, FULL, 2).verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(Toppling.tried(SOCK, EMPTY, 0).verdict()).isEqualTo(Verdict.NO);
        assertThatThrownBy(() -> Toppling.tried(SOCK, FULL, 4)).hasMessageContaining("0 to 3");
    }

    @Test
    void whatDoesNotStandCannotTopple() {
        assertThatThrownBy(() -> Toppling.of(SOCK, FOAM, SEVEN)).hasMessageContaining("does not stand");
    }
}
