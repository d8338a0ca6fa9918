package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class CallTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 3);

    private static Status counted(boolean taught, boolean... shown) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < shown.length; i++) trials.add(new Trial(shown[i], Setting.DRILL, "lesson " + i, DAY, null));
        return MasteryRule.USUAL.status(taught, trials, DAY);
    }

    @Test
    void aCallStandsInPlaceOfTheCountAndKeepsItReadable() {
        Status called =
                new Call(true, "Did it all of last week in the yard", "Robin", DAY).on(counted(true, true, false));
        assertThat(called.mark()).isEqualTo(Mark.SECURE);
        assertThat(called.standing()).isEqualTo(Standing.OWNED);
        assertThat(called.pips()).containsExactly(true, false);
        assertThat(called.reason())
                .isEqualTo(
                        "Robin called it secure on 2026-11-03: Did it all of last week in the yard. By the count: Emerging: 1 of the last 2 shown, in 2 lessons.");
        assertThat(new Call(false, "Only with me beside.", "Robin", DAY)
                        .on(counted(true, true, true, true))
                        .mark())
                .isEqualTo(Mark.EMERGING);
    }

    @Test
    void aCallThatSaysTheSameChangesNoMark() {
        Status near = counted(true, true, true, false, true);
        assertThat(new Call(false, "Yes", "Robin", DAY).on(near).mark()).isEqualTo(near.mark());
    }

    @Test
    void whatWasNotTaughtIsNeverAFailureButCanBeThere() {
        assertThat(new Call(false, "No", "Robin", DAY).on(counted(false)).mark())
                .isEqualTo(Mark.NOT_TAUGHT);
        Status club = new Call(true, "Learnt at a club", "Robin", DAY).on(counted(false));
        assertThat(club.mark()).isEqualTo(Mark.SECURE);
        assertThat(club.standing()).isEqualTo(Standing.OWNED);
    }

    /** 23 criteria of locomotor and 27 of ball skills, as published (TGMD-3, from memory): at most 46, 54 and 100. */
    @Test
    void theGreatestScoresAreThePublishedOnes() {
        TwoTrialScore locomotor = all(23);
        TwoTrialScore ball = all(27);
        assertThat(locomotor.greatest()).isEqualTo(46);
        assertThat(locomotor.score()).hasValue(46);
        assertThat(ball.greatest()).isEqualTo(54);
        assertThat(TwoTrialScore.sum(List.of(locomotor, ball)).greatest()).isEqualTo(100);
        assertThat(TwoTrialScore.sum(List.of(locomotor, ball)).score()).hasValue(100);
    }

    private static TwoTrialScore all(int criteria) {
        return TwoTrialScore.of(Collections.nCopies(criteria, List.of(true, true)));
    }

    @Test
    void thereIsNoScoreUntilBothTrialsOfEveryCriterionAreIn() {
        TwoTrialScore half = TwoTrialScore.of(List.of(List.of(true, false), List.of(true)));
        assertThat(half.score()).isEmpty();
        assertThat(half.trialsMissing()).isEqualTo(1);
        assertThat(TwoTrialScore.of(List.of(List.of(true, false), List.of(true, true, true)))
                        .score())
                .hasValue(3);
        assertThat(TwoTrialScore.sum(List.of(half, all(2))).score()).isEmpty();
        assertThat(TwoTrialScore.of(List.of()).score()).isEmpty();
    }
}
