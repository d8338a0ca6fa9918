package io.isokinet.core.skill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.quantity.Side;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SidesTest {
    @Test
    void fillsTheOthersFromTheOneKnownAndMarksThemAsAssumed() {
        Sides sides = Sides.of(Map.of(Action.THROW, Side.LEFT));
        assertThat(sides.of(Action.THROW)).contains(Side.LEFT);
        assertThat(sides.assumed(Action.THROW)).isFalse();
        assertThat(sides.of(Action.KICK)).contains(Side.LEFT);
        assertThat(sides.assumed(Action.KICK)).isTrue();
    }

    @Test
    void keepsWhatIsKnownPerAction() {
        Sides sides = Sides.of(Map.of(Action.THROW, Side.RIGHT, Action.BAT, Side.LEFT, Action.KICK, Side.RIGHT));
        assertThat(sides.of(Action.BAT)).contains(Side.LEFT);
        assertThat(sides.assumed(Action.BAT)).isFalse();
    }

    @Test
    void assumesNothingWhereNothingIsKnown() {
        assertThat(Sides.NOT_SETTLED.of(Action.THROW)).isEmpty();
        assertThat(Sides.NOT_SETTLED.assumed(Action.THROW)).isFalse();
    }

    @Test
    void equalSidesAreEqual() {
        assertThat(Sides.all(Side.LEFT)).isEqualTo(Sides.all(Side.LEFT)).isNotEqualTo(Sides.all(Side.RIGHT));
        assertThat(Sides.all(Side.LEFT)).hasSameHashCodeAs(Sides.all(Side.LEFT));
        assertThat(Sides.all(Side.LEFT).toString()).contains("LEFT");
    }

    @Test
    void rungsStayOnTheirLadder() {
        assertThat(Ladder.SENDING.rung(3).label()).isEqualTo("partner");
        assertThatThrownBy(() -> Ladder.TRAVELLING.rung(6)).hasMessageContaining("rungs 1 to 5");
        assertThatThrownBy(() -> Ladder.SENDING.rung(0)).hasMessageContaining("not 0");
    }
}
