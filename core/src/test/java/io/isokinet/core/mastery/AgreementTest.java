package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class AgreementTest {
    /** Cohen, Educ. Psychol. Meas. 20 (1960), for the form; worked: both 20, one 5, the other 10, neither 15 give 0.40. */
    @Test
    void kappaAsWorked() {
        Agreement agreement = new Agreement(20, 5, 10, 15);
        assertThat(agreement.kappa().orElseThrow()).isCloseTo(0.40, within(1e-9));
        assertThat(agreement.share().orElseThrow()).isCloseTo(0.70, within(1e-9));
        assertThat(agreement.band()).isEqualTo("fair");
        assertThat(agreement.talkAboutIt()).isTrue();
        assertThat(agreement.sentence()).isEqualTo("They agree on 35 of 50 looks (70 %); beyond chance: 0.40, fair.");
    }

    @Test
    void whereBothAlwaysSaidTheSameOneThingChanceTellsNothing() {
        Agreement all = new Agreement(12, 0, 0, 0);
        assertThat(all.kappa()).isEmpty();
        assertThat(all.band()).isEqualTo("cannot be told from chance");
        assertThat(all.talkAboutIt()).isFalse();
        assertThat(all.sentence()).contains("12 of 12").contains("nothing can be told from chance");
    }

    @Test
    void tooFewLooksSaySo() {
        assertThat(new Agreement(0, 2, 1, 0).talkAboutIt()).isFalse();
        assertThat(new Agreement(0, 1, 0, 0).sentence()).isEqualTo("Seen by both once; 5 are needed.");
        assertThat(new Agreement(0, 0, 0, 0).share()).isEmpty();
    }

    @Test
    void theBandsHaveTheirUsualEdges() {
        assertThat(new Agreement(0, 5, 5, 0).band()).isEqualTo("poor");
        assertThat(new Agreement(9, 0, 1, 10).band()).isEqualTo("almost perfect");
        assertThat(new Agreement(9, 0, 1, 10).talkAboutIt()).isFalse();
        assertThatThrownBy(() -> new Agreement(-1, 0, 0, 0)).hasMessageContaining("zero or more");
    }
}
