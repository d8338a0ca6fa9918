package io.isokinet.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.mastery.Setting;
import org.junit.jupiter.api.Test;

class TaskScaleTest {
    /** By hand: drills of -1 and 1 logits are 0 in the mean; the harder is one above it, a quarter of a logit for the cue. */
    @Test
    void aHarderStepCountsBesideWhatTheClassUsuallyDoes() {
        TaskScale scale = new TaskScale();
        scale.add(Setting.DRILL, -1.0);
        scale.add(Setting.DRILL, 1.0);
        scale.add(Setting.GAME, 2.0);
        scale.add(Setting.GAME, null);
        assertThat(scale.of(Setting.DRILL, 1.0)).isCloseTo(0.25, within(1e-9));
        assertThat(scale.of(Setting.DRILL, -1.0)).isCloseTo(-0.25, within(1e-9));
        assertThat(scale.of(Setting.DRILL, 9.0)).isCloseTo(0.75, within(1e-9));
        assertThat(scale.of(Setting.GAME, 2.0)).isEqualTo(Look.task(Setting.GAME));
        assertThat(scale.of(Setting.DRILL, null)).isZero();
        assertThat(scale.of(Setting.SHAPE, 3.0)).isEqualTo(Look.task(Setting.SHAPE));
    }
}
