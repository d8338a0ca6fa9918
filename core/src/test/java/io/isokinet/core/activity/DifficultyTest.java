package io.isokinet.core.activity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The logistic curve, worked: 1 / (1 + e^x). That 0 is an even chance at eight years is how the scale is defined. */
class DifficultyTest {
    @ParameterizedTest
    @CsvSource({"0, 8, 0.5", "1, 8, 0.2689", "-1, 8, 0.7311", "0, 10, 0.6900", "0, 6, 0.3100", "-2, 7, 0.8320"})
    void successFollowsTheCurve(double logits, double age, double share) {
        assertThat(Difficulty.success(logits, age)).isCloseTo(share, within(0.0001));
    }

    @Test
    void olderChildrenSucceedMoreAndHarderTasksFailMore() {
        for (int age = 4; age < 12; age++)
            assertThat(Difficulty.success(0.3, age + 1)).isGreaterThan(Difficulty.success(0.3, age));
        for (double x = -3; x < 3; x += 0.5)
            assertThat(Difficulty.success(x + 0.5, 8)).isLessThan(Difficulty.success(x, 8));
    }

    @Test
    void wordsNeverPromiseAllOrNothing() {
        assertThat(Difficulty.words(0.64)).isEqualTo("about 6 in 10");
        assertThat(Difficulty.words(0.999)).isEqualTo("nearly 10 in 10");
        assertThat(Difficulty.words(0.01)).isEqualTo("hardly any in 10");
    }

    @Test
    void aLeverKnowsWhatEachStepIsWorth() {
        Lever even = new Lever("distance", List.of("2 m", "3 m", "4 m"), 1);
        assertThat(even.logits()).containsExactly(-0.6, 0.0, 0.6);
        // A lower toss is easier, but not where the floor has to be touched before the catch.
        Lever toss = new Lever("toss", List.of("low", "head high", "very high"), 1, List.of(0.8, 0.0, 0.5));
        assertThat(toss.logits()).containsExactly(0.8, 0.0, 0.5);
        assertThatThrownBy(() -> new Lever("toss", List.of("low", "high"), 0, List.of(0.0)))
                .hasMessageContaining("as many logits as steps (2)");
        assertThatThrownBy(() -> new Lever("toss", List.of("low", "high"), 0, List.of(0.5, 0.0)))
                .hasMessageContaining("0 at the usual step (0)");
    }
}
