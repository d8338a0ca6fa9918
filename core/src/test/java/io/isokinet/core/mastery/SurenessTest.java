package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.mastery.Sureness.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurenessTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 2);
    private static final List<MasteryRule> RULES =
            List.of(MasteryRule.USUAL, new MasteryRule(2, 2, 3, 1, 3, 3, null), new MasteryRule(5, 5, 5, 3, 5, 5, 4));

    /** Every run of up to eight trials, in one, two or eight lessons, with or without a game, with or without a check, now and later. */
    @Test
    void wordAndMarkNeverContradictEachOther() {
        Map<Mark, Integer> seen = new EnumMap<>(Mark.class);
        for (MasteryRule rule : RULES)
            for (int length = 0; length <= 8; length++)
                for (int bits = 0; bits < 1 << length; bits++)
                    for (int kind = 0; kind < 12; kind++)
                        for (int weeks : new int[] {0, 12}) {
                            Status status = rule.status(true, run(length, bits, kind), DAY.plusWeeks(weeks));
                            seen.merge(status.mark(), 1, Integer::sum);
                            agree(status);
                        }
        assertThat(seen)
                .containsOnlyKeys(Mark.NOT_SEEN, Mark.EMERGING, Mark.NEAR, Mark.SECURE, Mark.MASTERED, Mark.DUE);
    }

    private static List<Trial> run(int length, int bits, int kind) {
        int perLesson = kind % 3 == 0 ? 8 : kind % 3 == 1 ? 4 : 1;
        boolean game = kind / 3 % 2 == 1;
        boolean check = kind / 6 == 1;
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < length; i++)
            trials.add(new Trial(
                    (bits >> i & 1) == 1,
                    game && i % 2 == 0 ? Setting.GAME : Setting.DRILL,
                    "lesson " + i / perLesson,
                    DAY,
                    check && i < 5 ? "sitting" : null));
        return trials;
    }

    private static void agree(Status status) {
        Sureness sure = Sureness.of(status);
        Word word = sure.word();
        String told = status + " " + sure;
        assertThat(word == Word.NO_LOOK).as(told).isEqualTo(status.pips().isEmpty());
        assertThat(word == Word.LOOK_AGAIN).as(told).isEqualTo(status.mark() == Mark.DUE);
        if (status.mark() == Mark.MASTERED) assertThat(word).as(told).isEqualTo(Word.SETTLED);
        if (status.mark() == Mark.NEAR) assertThat(word).as(told).isEqualTo(Word.NOT_SURE);
        if (word == Word.SETTLED && status.mark() == Mark.EMERGING) {
            assertThat(sure.chance()).as(told).isLessThanOrEqualTo(Sureness.SURELY_NOT);
            assertThat(sure.sentence()).as(told).contains("not there yet");
        }
        if (word == Word.SETTLED && status.mark() == Mark.SECURE)
            assertThat(sure.chance()).as(told).isGreaterThanOrEqualTo(Sureness.SURE);
        assertThat(sure.sentence().contains("not there yet"))
                .as(told)
                .isEqualTo(word == Word.SETTLED && status.mark() == Mark.EMERGING);
        assertThat(sure.rate().least(0.9))
                .as(told)
                .isLessThanOrEqualTo(sure.rate().most(0.9));
    }

    /** What 4 of 5 tells: docs/figures.md; common practice, worked. */
    @ParameterizedTest
    @CsvSource({"4, 5, 0.45", "5, 5, 0.87", "3, 3, 0.77"})
    void theChanceOfFourInFive(int shown, int looks, double chance) {
        assertThat(new ShownRate(shown, looks).chanceOfAtLeast(0.8)).isCloseTo(chance, within(0.005));
    }

    /** The same by adding up the density in a hundred thousand steps, without the library. */
    @ParameterizedTest
    @CsvSource({"0, 0", "1, 2", "3, 4", "4, 5", "2, 7", "8, 8"})
    void theIntervalHoldsWhatItSays(int shown, int looks) {
        ShownRate rate = new ShownRate(shown, looks);
        int steps = 100_000;
        double whole = 0;
        double inside = 0;
        for (int i = 0; i < steps; i++) {
            // x = sin², so that the ends, where the density grows without bound, are smooth.
            double angle = Math.PI / 2 * (i + 0.5) / steps;
            double x = Math.pow(Math.sin(angle), 2);
            double density = Math.pow(Math.sin(angle), 2 * shown) * Math.pow(Math.cos(angle), 2 * (looks - shown));
            whole += density;
            if (x >= rate.least(0.9) && x <= rate.most(0.9)) inside += density;
        }
        double expected = shown == 0 && looks == 0 ? 1 : shown == 0 || shown == looks ? 0.95 : 0.9;
        assertThat(inside / whole).isCloseTo(expected, within(1e-4));
    }

    @Test
    void moreShownThanLookedAtIsRefused() {
        assertThatThrownBy(() -> new ShownRate(3, 2)).hasMessageContaining("between 0 and the number of looks (2)");
    }
}
