package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrendTest {
    private static Trend trend(String looks, Mark mark, Standing standing) {
        List<Boolean> shown = new ArrayList<>();
        for (char c : looks.toCharArray()) shown.add(c == '1');
        return Trend.of(shown, mark, standing);
    }

    @Test
    void trendsTellStalledFromRisingAndFading() {
        assertThat(trend("010010", Mark.EMERGING, Standing.DEVELOPING)).isEqualTo(Trend.STALLED);
        assertThat(trend("000110", Mark.EMERGING, Standing.DEVELOPING)).isEqualTo(Trend.RISING);
        assertThat(trend("00000", Mark.EMERGING, Standing.DEVELOPING)).isEqualTo(Trend.STEADY);
        assertThat(trend("111111", Mark.SECURE, Standing.OWNED)).isEqualTo(Trend.STEADY);
        assertThat(trend("1111100", Mark.DUE, Standing.DEVELOPING)).isEqualTo(Trend.FADING);
        assertThat(trend("11110010", Mark.EMERGING, Standing.DEVELOPING)).isEqualTo(Trend.FADING);
        assertThat(trend("11", Mark.NEAR, Standing.DEVELOPING)).isEqualTo(Trend.STEADY);
    }

    @Test
    void whatWasNotTaughtLeadsNowhere() {
        assertThat(trend("000000", Mark.NOT_TAUGHT, Standing.NOT_TAUGHT)).isEqualTo(Trend.STEADY);
    }
}
