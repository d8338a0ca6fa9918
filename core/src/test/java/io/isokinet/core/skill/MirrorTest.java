package io.isokinet.core.skill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.quantity.Side;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MirrorTest {
    private static final String STEP = "Does the {opposite foot} step as the {throwing hand} comes through?";

    @Test
    void flipsForALeftHander() {
        assertThat(Mirror.text(STEP, Action.THROW, Sides.all(Side.RIGHT)))
                .isEqualTo("Does the left foot step as the right hand comes through?");
        assertThat(Mirror.text(STEP, Action.THROW, Sides.all(Side.LEFT)))
                .isEqualTo("Does the right foot step as the left hand comes through?");
    }

    @Test
    void keepsTheWordsForAChildWhoHasNotSettled() {
        assertThat(Mirror.text(STEP, Action.THROW, Sides.NOT_SETTLED))
                .isEqualTo("Does the opposite foot step as the throwing hand comes through?");
    }

    @Test
    void usesTheSideOfTheAction() {
        Sides mixed = Sides.of(Map.of(Action.THROW, Side.RIGHT, Action.KICK, Side.LEFT));
        assertThat(Mirror.text("the {kicking foot}", Action.KICK, mixed)).isEqualTo("the left foot");
        assertThat(Mirror.text("the {same-side foot}", Action.THROW, mixed)).isEqualTo("the right foot");
    }

    @Test
    void leavesTextWithoutTemplatesAlone() {
        assertThat(Mirror.text("Watch it in", Action.THROW, Sides.all(Side.LEFT)))
                .isEqualTo("Watch it in");
    }

    @Test
    void refusesTemplatesItDoesNotKnow() {
        assertThatThrownBy(() -> Mirror.text("the {lucky foot}", Action.THROW, Sides.NOT_SETTLED))
                .hasMessageContaining("lucky foot");
        assertThatThrownBy(() -> Mirror.text("the {foot", Action.THROW, Sides.NOT_SETTLED))
                .hasMessageContaining("brace");
    }
}
