package io.isokinet.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.lesson.Forecast.Part;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class ForecastTest {
    @Test
    void fiveOwnTimesWeighAsMuchAsTheUsualOne() {
        Habit habit = Habit.of(6, List.of(10.0, 8.0, 12.0, 10.0, 10.0));
        assertThat(habit.middle()).isCloseTo(8, within(1e-9));
        assertThat(habit.seen()).isEqualTo(5);
        assertThat(habit.low()).isLessThan(habit.middle());
        assertThat(habit.high()).isGreaterThan(habit.middle());
        // One odd lesson moves it by a sixth of the way: 6 + (18 - 6) / 6.
        assertThat(Habit.of(6, List.of(18.0)).middle()).isCloseTo(8, within(1e-9));
        assertThat(Habit.of(6, Collections.nCopies(95, 10.0)).middle()).isCloseTo(9.8, within(1e-9));
    }

    @Test
    void theUsualWithItsMarginWhereNothingIsKnown() {
        Habit habit = Habit.usual(20);
        assertThat(List.of(habit.low(), habit.middle(), habit.high())).containsExactly(17.0, 20.0, 23.0);
        assertThatThrownBy(() -> Habit.usual(0)).hasMessageContaining("more than zero; 0.0 was given");
    }

    @Test
    void theOverrunIsNamed() {
        List<Part> parts = List.of(
                new Part("warm-up", 5, Habit.of(1, Collections.nCopies(5, 1.0))),
                new Part("practice", 20, Habit.of(1, Collections.nCopies(5, 1.4))),
                new Part("play", 10, Habit.usual(1)),
                new Part("closing talk", 5, Habit.of(1, Collections.nCopies(5, 0.8))));
        Forecast forecast = Forecast.of(parts, 40);
        // 5 + 24 + 10 + 4.5.
        assertThat(forecast.middle()).isCloseTo(43.5, within(1e-9));
        assertThat(forecast.sentence())
                .contains(
                        "planned for 40: about 4 over. Most of it is practice, which takes you 1.2 times what is planned.");
        assertThat(forecast.low()).isLessThan(43.5);
        assertThat(forecast.high() - forecast.middle()).isLessThan(20 * 0.3 + 10 * 0.15 + 1);
    }

    @Test
    void withNoOwnMinutesNothingIsClaimed() {
        assertThat(Forecast.of(List.of(new Part("play", 30, Habit.usual(1))), 30)
                        .sentence())
                .startsWith("Nothing is known of your minutes yet");
        assertThat(Forecast.of(List.of(new Part("play", 30, Habit.of(1, List.of(1.0, 1.0)))), 30)
                        .sentence())
                .isEqualTo("Likely 27 to 33 minutes, planned for 30.");
    }
}
