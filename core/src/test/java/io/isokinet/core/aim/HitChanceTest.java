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

    /** One pin is a width; more rows are easier; the same seed gives the same answer. */
    @Test
    void aTriangleOfPins() {
        double one = HitChance.triangle(1, 0.07, 0.3048, 0.2, 4, 0.07, 20_000, new Random(3));
        assertThat(one).isCloseTo(HitChance.across(0.27, 4, 0.07), within(0.012));
        double before = 0;
        for (int rows = 1; rows <= 4; rows++) {
            double now = HitChance.triangle(rows, 0.07, 0.3048, 0.2, 4, 0.07, 20_000, new Random(3));
            assertThat(now).isGreaterThan(before);
            before = now;
        }
        assertThat(HitChance.triangle(3, 0.07, 0.3, 0.2, 4, 0.07, 500, new Random(5)))
                .isEqualTo(HitChance.triangle(3, 0.07, 0.3, 0.2, 4, 0.07, 500, new Random(5)));
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
        assertThatThrownBy(() -> HitChance.triangle(5, 0.07, 0.3, 0.2, 4, 0.07, 10, new Random()))
                .hasMessageContaining("1 to 4 rows");
    }
}
