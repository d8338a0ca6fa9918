package io.isokinet.core.aim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.quantity.Age;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Check values worked from the normal and the Rayleigh distribution. */
class HitChanceTest {
    @ParameterizedTest
    @CsvSource({
        "0.30, 2, 0.05, 0.8664",
        "0.30, 3, 0.05, 0.6827",
        "0.30, 4, 0.05, 0.5467",
        "0.30, 5, 0.05, 0.4515",
        "0.30, 6, 0.05, 0.3829",
        "0.30, 3, 0.08, 0.4680"
    })
    void aRollAtAWidth(double width, double distance, double spread, double chance) {
        assertThat(HitChance.across(width, distance, spread)).isCloseTo(chance, within(0.00005));
    }

    /** A 20 cm ball through a gap of 0.50 m at 4 m: 44 %, not the 66 % of a point. */
    @Test
    void theBallHasAWidthOfItsOwn() {
        assertThat(HitChance.across(HitChance.widthToPass(0.5, 0.2), 4, 0.065)).isCloseTo(0.44, within(0.005));
        assertThat(HitChance.across(0.5, 4, 0.065)).isCloseTo(0.66, within(0.005));
        assertThat(HitChance.widthToHit(0.07, 0.2)).isCloseTo(0.27, within(1e-12));
        assertThat(HitChance.widthToPass(0.15, 0.2)).isZero();
    }

    /** 6 of 10 at 3 m and 0.40 m: a spread of 0.0792 rad; 70 % at 2.44 m. */
    @Test
    void theOtherWayRound() {
        double spread = HitChance.spreadOf(0.6, 0.4, 3);
        assertThat(spread).isCloseTo(0.0792, within(0.00005));
        assertThat(HitChance.distanceFor(0.7, 0.4, spread)).isCloseTo(2.44, within(0.005));
    }

    @Test
    void aRoundTargetOnTheWall() {
        assertThat(HitChance.round(0.3, 3, 0.08)).isCloseTo(0.5422, within(0.00005));
    }

    /** Tables of the error function: erf(0.5) 0.5204999, erf(1) 0.8427008, erf(2) 0.9953223, erf(3) 0.9999779. Memory. */
    @ParameterizedTest
    @CsvSource({"0, 0", "0.5, 0.5204999", "1, 0.8427008", "2, 0.9953223", "3, 0.9999779", "-1, -0.8427008", "9, 1"})
    void theErrorFunction(double x, double y) {
        assertThat(HitChance.erf(x)).isCloseTo(y, within(5e-8));
    }

    @Test
    void thereAndBackOverManyCases() {
        Random random = new Random(11);
        for (int i = 0; i < 2000; i++) {
            double width = 0.05 + random.nextDouble();
            double spread = 0.03 + 0.1 * random.nextDouble();
            double share = 0.05 + 0.9 * random.nextDouble();
            double distance = HitChance.distanceFor(share, width, spread);
            assertThat(HitChance.across(width, distance, spread)).isCloseTo(share, within(1e-9));
            assertThat(HitChance.spreadOf(share, width, distance)).isCloseTo(spread, within(1e-9));
        }
    }

    /** One pin is a width; more rows are easier; far apart, pins add up; with no gap, the front one is met first. */
    @Test
    void aTriangleOfPins() {
        assertThat(HitChance.triangle(1, 0.07, 0.3048, 0.2, 4, 0.07))
                .isCloseTo(HitChance.across(0.27, 4, 0.07), within(1e-12));
        double before = 0;
        for (int rows = 1; rows <= 4; rows++) {
            double now = HitChance.triangle(rows, 0.07, 0.3048, 0.2, 4, 0.07);
            assertThat(now).isGreaterThan(before).isLessThan(1);
            before = now;
        }
        assertThat(HitChance.triangle(4, 0.07, 0, 0.2, 4, 0.07))
                .isCloseTo(HitChance.across(0.27, 4, 0.07), within(1e-12));
    }

    /** Another formulation: balls rolled one by one past every pin, within four standard errors of 40,000. */
    @Test
    void aTriangleAsBallsRolledOneByOne() {
        Random random = new Random(3);
        for (int run = 0; run < 60; run++) {
            int rows = 1 + run % 4;
            double pin = 0.04 + 0.1 * random.nextDouble();
            double gap = 0.1 + 0.6 * random.nextDouble();
            double ball = 0.06 + 0.2 * random.nextDouble();
            double distance = 2 + 8 * random.nextDouble();
            double spread = 0.03 + 0.09 * random.nextDouble();
            int met = 0;
            for (int i = 0; i < 40_000; i++)
                if (meets(rows, gap, (pin + ball) / 2, distance, random.nextGaussian() * spread)) met++;
            assertThat(HitChance.triangle(rows, pin, gap, ball, distance, spread))
                    .isCloseTo(met / 40_000.0, within(4 * 0.5 / 200));
        }
    }

    private static boolean meets(int rows, double gap, double reach, double distance, double slope) {
        for (int row = 0; row < rows; row++) {
            double at = slope * (distance + row * gap * Math.sqrt(3) / 2);
            for (int pin = 0; pin <= row; pin++) if (Math.abs(at - (pin - row / 2.0) * gap) <= reach) return true;
        }
        return false;
    }

    /** Common practice: about 0.05 rad for a skilled roller, 0.06 to 0.10 from nine down to five. */
    @Test
    void theUsualSpreadByAge() {
        assertThat(HitChance.usualSpread(new Age(5))).isCloseTo(0.10, within(1e-9));
        assertThat(HitChance.usualSpread(new Age(9))).isCloseTo(0.06, within(1e-9));
        assertThat(HitChance.usualSpread(new Age(12))).isCloseTo(0.05, within(1e-9));
        for (int age = 4; age < 12; age++)
            assertThat(HitChance.usualSpread(new Age(age)))
                    .isGreaterThanOrEqualTo(HitChance.usualSpread(new Age(age + 1)));
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThatThrownBy(() -> HitChance.across(0.3, 0, 0.05)).hasMessageContaining("more than zero");
        assertThatThrownBy(() -> HitChance.distanceFor(1, 0.3, 0.05)).hasMessageContaining("between 0 and 1");
        assertThatThrownBy(() -> HitChance.triangle(5, 0.07, 0.3, 0.2, 4, 0.07)).hasMessageContaining("1 to 4 rows");
    }
}
