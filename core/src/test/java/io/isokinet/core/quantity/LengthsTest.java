package io.isokinet.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthsTest {
    /** A foot is 0.3048 m, and twelve inches (international yard and pound agreement, 1959; memory): 3 / 0.3048 = 9.843 ft. */
    @ParameterizedTest
    @CsvSource({"3, 9 ft 10 in", "0.3048, 1 ft", "0.6, 2 ft", "13.5, 44 ft 3 in", "30, 98 ft 5 in"})
    void aLengthIsShownInFeetAndInches(double metres, String feet) {
        assertThat(Lengths.shown(Words.say("%.4f m", metres), LengthUnit.FEET)).isEqualTo(feet);
    }

    /** What is an area, a speed, a child or a share stays what it is. */
    @Test
    void onlyLengthsAre() {
        String said = Words.say(
                "%d of %.1f m by %.1f m, 4 m behind: %.1f m², %.1f m/s, %d %% in %d minutes.",
                3, 2.0, 10.0, 20.0, 3.0, 50, 6);
        assertThat(Lengths.shown(said, LengthUnit.FEET))
                .isEqualTo("3 of 6 ft 7 in by 32 ft 10 in, 13 ft 1 in behind: 20.0 m², 3.0 m/s, 50 % in 6 minutes.");
        assertThat(Lengths.plain(said))
                .isEqualTo("3 of 2.0 m by 10.0 m, 4 m behind: 20.0 m², 3.0 m/s, 50 % in 6 minutes.");
    }

    @Test
    void whatSomebodyTypedHasThemToo() {
        assertThat(Lengths.shown(Lengths.typed("0.6 m apart, 2 mats, 3 m² and 4 m/s"), LengthUnit.FEET))
                .isEqualTo("2 ft apart, 2 mats, 3 m² and 4 m/s");
        assertThat(Lengths.isIn("3 m")).isFalse();
    }
}
