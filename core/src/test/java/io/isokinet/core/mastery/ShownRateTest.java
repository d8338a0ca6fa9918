package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a cell judged alone tells, which the belief in a class is held against. */
class ShownRateTest {
    /** What 4 of 5 tells: docs/figures.md; common practice, worked. */
    @ParameterizedTest
    @CsvSource({"4, 5, 0.45", "5, 5, 0.87", "3, 3, 0.77"})
    void theChanceOfFourInFive(int shown, int looks, double chance) {
        assertThat(new ShownRate(shown, looks).chanceOfAtLeast(0.8)).isCloseTo(chance, within(0.005));
    }

    /** The same by adding up the density in a hundred thousand steps, without the library. */
    @ParameterizedTest
    @CsvSource({"0, 0", "1, 2", "3, 4", "4, 5", "2, 7", "8, 8"})
    void theIntervalHoldsWhatItSays(int shown, int looks) {
        ShownRate rate = new ShownRate(shown, looks);
        int steps = 100_000;
        double whole = 0;
        double inside = 0;
        for (int i = 0; i < steps; i++) {
            // x = sin², so that the ends, where the density grows without bound, are smooth.
            double angle = Math.PI / 2 * (i + 0.5) / steps;
            double x = Math.pow(Math.sin(angle), 2);
            double density = Math.pow(Math.sin(angle), 2 * shown) * Math.pow(Math.cos(angle), 2 * (looks - shown));
            whole += density;
            if (x >= rate.least(0.9) && x <= rate.most(0.9)) inside += density;
        }
        double expected = shown == 0 && looks == 0 ? 1 : shown == 0 || shown == looks ? 0.95 : 0.9;
        assertThat(inside / whole).isCloseTo(expected, within(1e-4));
    }

    @Test
    void moreShownThanLookedAtIsRefused() {
        assertThatThrownBy(() -> new ShownRate(3, 2)).hasMessageContaining("between 0 and the number of looks (2)");
    }
}
