package io.isokinet.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.eye.Judged.Answer;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OwnEyeTest {
    private static final Instant FRIDAY = Instant.parse("2026-11-27T23:30:00Z");
    private static final String STEP = "toss/step";
    private static final String LOOK = "toss/look";

    /** So many of ten that were there were pressed as shown, and so many of ten that were not. */
    private static Judged judged(
            Instant at, String cue, Level level, Stand stand, int seen, int alarms, double seconds) {
        List<Answer> answers = new ArrayList<>();
        for (int i = 0; i < 10; i++) answers.add(new Answer(true, i < seen, Optional.empty(), seconds));
        for (int i = 0; i < 10; i++) answers.add(new Answer(false, i < alarms, Optional.empty(), seconds));
        return new Judged(at, cue, level, stand, answers);
    }

    private static final OwnEye EYE = new OwnEye(List.of(
            judged(FRIDAY.plusSeconds(7200), STEP, Level.THIRD, Stand.BEST, 9, 1, 4),
            judged(FRIDAY, STEP, Level.FIRST, Stand.BEST, 10, 0, 9),
            judged(FRIDAY, LOOK, Level.SECOND, Stand.BEHIND, 4, 6, 2)));

    /** By hand: 23 of 30 that were there were seen, 7 of 30 that were not were taken for there: 46 of 60 right. */
    @Test
    void countsAllRounds() {
        Verdict all = EYE.all();
        assertThat(List.of(all.seen(), all.missed(), all.falseAlarms(), all.rejected()))
                .containsExactly(23, 7, 7, 23);
        assertThat(all.right().of()).isEqualTo(46);
        assertThat(all.seconds()).isCloseTo((4 + 9 + 2) / 3.0, within(1e-9));
        assertThat(EYE.byCue().get(STEP).right().of()).isEqualTo(38);
        assertThat(EYE.byStand().get(Stand.BEHIND).right().of()).isEqualTo(8);
        assertThat(EYE.byLevel().keySet()).containsExactly(Level.FIRST, Level.SECOND, Level.THIRD);
        assertThat(new OwnEye(List.of()).all()).isEqualTo(Verdict.NONE);
    }

    /** A round at half past eleven at night in London is of the next day in Berlin. */
    @Test
    void goesByTheDaysWhereTheObserverIs() {
        assertThat(EYE.overTime(ZoneOffset.UTC).stream().map(OwnEye.Day::on))
                .containsExactly(LocalDate.of(2026, 11, 27), LocalDate.of(2026, 11, 28));
        assertThat(EYE.overTime(ZoneId.of("Europe/Berlin")).stream().map(OwnEye.Day::on))
                .containsExactly(LocalDate.of(2026, 11, 28));
    }

    /** Slowly, or from a wrong place, says nothing of a hall. */
    @Test
    void onlyRoundsAsInTheHallCountThere() {
        assertThat(EYE.asInTheHall().looks()).isEqualTo(20);
        assertThat(EYE.asInTheHall(LOOK).looks()).isZero();
        assertThat(EYE.secondsALook()).hasValue(4);
        assertThat(new OwnEye(List.of(judged(FRIDAY, STEP, Level.FIRST, Stand.BEST, 10, 0, 9))).secondsALook())
                .isEmpty();
    }

    /**
     * By hand, by Wilson: 38 of 40 right is at least 0.835, so that it needs no round; 8 of 20 is at most 0.613 and comes first; what was never
     * looked for comes after it.
     */
    @Test
    void saysWhatToPractise() {
        List<OwnEye.Weak> weak = EYE.practise(List.of("toss/turn", STEP, LOOK));
        assertThat(weak.stream().map(OwnEye.Weak::cue)).containsExactly(LOOK, "toss/turn");
        assertThat(weak.get(0).sentence()).isEqualTo("8 of 20 right: between 22 and 61 in a hundred.");
        assertThat(weak.get(1).sentence()).isEqualTo("No round yet.");
        assertThat(Verdict.Share.of(38, 40).low()).isCloseTo(0.835, within(0.001));
    }

    /** Ten of twelve are enough for something harder, seven call for something easier; there is nothing beyond the hardest. */
    @Test
    void getsHarderAsOneGetsBetter() {
        assertThat(Level.SECOND.after(new Verdict(5, 1, 1, 5, 3))).isEqualTo(Level.THIRD);
        assertThat(Level.SECOND.after(new Verdict(5, 1, 2, 4, 3))).isEqualTo(Level.SECOND);
        assertThat(Level.SECOND.after(new Verdict(4, 2, 3, 3, 3))).isEqualTo(Level.FIRST);
        assertThat(Level.FIRST.after(new Verdict(0, 6, 6, 0, 3))).isEqualTo(Level.FIRST);
        assertThat(Level.FIFTH.after(new Verdict(6, 0, 0, 6, 3))).isEqualTo(Level.FIFTH);
        assertThat(Level.THIRD.after(Verdict.NONE)).isEqualTo(Level.THIRD);
    }

    /** By hand: of four children both saw two, one of them alone one, none one: kappa is (0.75 - 0.5) / 0.5. */
    @Test
    void twoWhoJudgeTheSameAgreeSoFar() {
        Judged two = new Judged(
                FRIDAY,
                STEP,
                Level.SECOND,
                Stand.BEST,
                List.of(
                        new Answer(true, true, Optional.of(true), 3),
                        new Answer(true, true, Optional.of(true), 3),
                        new Answer(false, true, Optional.of(false), 3),
                        new Answer(false, false, Optional.of(false), 3)));
        assertThat(two.withColleague().orElseThrow().kappa()).hasValueCloseTo(0.5, within(1e-9));
        OwnEye own = new OwnEye(List.of(two, two, EYE.rounds().get(0)));
        assertThat(own.withColleagues().orElseThrow().pairs()).isEqualTo(8);
        assertThat(EYE.withColleagues()).isEmpty();
        assertThatThrownBy(() -> new Judged(
                        FRIDAY,
                        STEP,
                        Level.SECOND,
                        Stand.BEST,
                        List.of(
                                new Answer(true, true, Optional.of(true), 3),
                                new Answer(true, true, Optional.empty(), 3))))
                .hasMessageContaining("all of the 2 children or none; 1 were given");
    }
}
