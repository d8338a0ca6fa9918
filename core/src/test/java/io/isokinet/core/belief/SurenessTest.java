package io.isokinet.core.belief;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.belief.Sureness.Word;
import io.isokinet.core.mastery.Mark;
import org.junit.jupiter.api.Test;

class SurenessTest {
    private static Believed there(double chance, int looks) {
        return new Believed(1, 1, chance, chance, looks, looks == 0 ? 0 : 0.6);
    }

    private static Word word(Mark mark, double chance, int looks) {
        return Sureness.of(mark, there(chance, looks), looks, looks).word();
    }

    /** Every mark with every belief: word and mark never contradict each other. */
    @Test
    void wordAndMarkNeverContradictEachOther() {
        for (Mark mark : Mark.values())
            for (int looks = 0; looks <= 6; looks++)
                for (double chance = 0; chance <= 1.0001; chance += 0.05) {
                    Sureness sure = Sureness.of(mark, there(chance, looks), looks, looks);
                    String told = mark + " " + sure;
                    boolean none = mark == Mark.NOT_TAUGHT || mark == Mark.NOT_SEEN || mark == Mark.NOT_APPLYING;
                    assertThat(sure.word() == Word.NO_LOOK).as(told).isEqualTo(none);
                    if (mark == Mark.DUE) assertThat(sure.word()).as(told).isEqualTo(Word.LOOK_AGAIN);
                    if (mark == Mark.NEAR) assertThat(sure.word()).as(told).isEqualTo(Word.NOT_SURE);
                    if (sure.word() == Word.SETTLED) assertThat(looks).as(told).isPositive();
                    if (sure.word() == Word.SETTLED && mark == Mark.EMERGING)
                        assertThat(chance).as(told).isLessThanOrEqualTo(Sureness.SURELY_NOT);
                    if (sure.word() == Word.SETTLED && mark == Mark.SECURE)
                        assertThat(chance).as(told).isGreaterThanOrEqualTo(Sureness.SURE);
                    if (sure.word() == Word.SETTLED && mark == Mark.MASTERED)
                        assertThat(sure.tenths()).as(told).isGreaterThan(3);
                    assertThat(sure.sentence().contains("Settled for now: not there yet"))
                            .as(told)
                            .isEqualTo(sure.word() == Word.SETTLED && mark == Mark.EMERGING);
                    assertThat(sure.tenths()).as(told).isEqualTo((int) Math.round(10 * chance));
                }
    }

    @Test
    void aMarkThatHardlyAnythingSpeaksForIsWorthAnotherLook() {
        assertThat(word(Mark.MASTERED, 0.9, 4)).isEqualTo(Word.SETTLED);
        assertThat(word(Mark.MASTERED, 0.2, 4)).isEqualTo(Word.LOOK_AGAIN);
        assertThat(word(Mark.MASTERED, 0.9, 0)).isEqualTo(Word.NOT_SURE);
        assertThat(word(Mark.EMERGING, 0.1, 1)).isEqualTo(Word.NOT_SURE);
    }

    @Test
    void howMuchComesFromItsOwnLooksIsSaid() {
        assertThat(Sureness.of(Mark.SECURE, there(0.8, 3), 3, 3).sentence())
                .isEqualTo("Settled: it is there so far. Likely there, 8 in 10: mostly from 3 looks here.");
        assertThat(Sureness.of(Mark.NOT_SEEN, there(0.8, 0), 0, 0).sentence()).endsWith("nobody has looked here.");
    }

    @Test
    void whereItsOwnLooksPointTheOtherWayThatIsSaid() {
        assertThat(Sureness.of(Mark.NEAR, there(0.3, 2), 2, 2).sentence())
                .contains("Hardly there yet, 3 in 10, though 2 of the last 2 looks showed it: ");
        assertThat(Sureness.of(Mark.EMERGING, there(0.9, 1), 0, 1).sentence())
                .contains("Likely there, 9 in 10, though the last look did not show it: ");
        assertThat(Sureness.of(Mark.EMERGING, there(0.9, 3), 0, 3).sentence())
                .contains("though none of the last 3 looks showed it");
        assertThat(Sureness.of(Mark.EMERGING, there(0.4, 2), 1, 2).sentence()).doesNotContain("though");
    }

    /** The word goes by the number beside it. */
    @Test
    void theWordAndTheTenthsSayTheSame() {
        assertThat(Sureness.of(Mark.NEAR, there(0.66, 2), 2, 2).sentence()).contains("Likely there, 7 in 10");
        assertThat(Sureness.of(Mark.NEAR, there(0.64, 2), 2, 2).sentence())
                .contains("Open whether it is there, 6 in 10");
        assertThat(Sureness.of(Mark.NEAR, there(0.34, 2), 1, 2).sentence()).contains("Hardly there yet, 3 in 10");
    }
}
