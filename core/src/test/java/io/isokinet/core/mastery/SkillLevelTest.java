package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.mastery.SkillLevel.Level;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Mastery is every component shown, near mastery all but one: NSW SPANS 1997/2004/2010 (Booth et al.) and Get Skilled: Get
 * Active, NSW DET 2000; from memory.
 */
class SkillLevelTest {
    private static Status status(Mark mark) {
        boolean owned = mark == Mark.SECURE || mark == Mark.MASTERED;
        int trials = mark == Mark.NOT_TAUGHT || mark == Mark.NOT_SEEN ? 0 : 3;
        return new Status(mark, List.of(), trials, trials, owned, "");
    }

    private static List<Status> statuses(int secure, int emerging, int notSeen, int notTaught) {
        List<Status> all = new ArrayList<>();
        for (int i = 0; i < secure; i++) all.add(status(i % 2 == 0 ? Mark.SECURE : Mark.MASTERED));
        for (int i = 0; i < emerging; i++) all.add(status(Mark.EMERGING));
        for (int i = 0; i < notSeen; i++) all.add(status(Mark.NOT_SEEN));
        for (int i = 0; i < notTaught; i++) all.add(status(Mark.NOT_TAUGHT));
        return all;
    }

    @ParameterizedTest(name = "{0} owned, {1} emerging, {2} not seen, {3} not taught: {4}")
    @CsvSource({
        "6, 0, 0, 0, MASTERY",
        "5, 1, 0, 0, NEAR_MASTERY",
        "5, 0, 1, 0, NEAR_MASTERY",
        "4, 2, 0, 0, DEVELOPING",
        "0, 1, 5, 0, DEVELOPING",
        "0, 0, 6, 0, NOT_SEEN",
        "0, 0, 0, 6, NOT_SEEN",
        "1, 0, 0, 0, MASTERY",
        "0, 1, 0, 0, DEVELOPING",
        "3, 0, 0, 2, DEVELOPING"
    })
    void levels(int owned, int emerging, int notSeen, int notTaught, Level expected) {
        assertThat(SkillLevel.of(statuses(owned, emerging, notSeen, notTaught), 0)
                        .level())
                .isEqualTo(expected);
    }

    @Test
    void saysWhatIsCounted() {
        assertThat(SkillLevel.of(statuses(3, 0, 0, 2), 0).sentence()).isEqualTo("3 of 3 taught so far, 5 in the set");
        assertThat(SkillLevel.of(statuses(4, 1, 0, 0), 0).sentence()).isEqualTo("4 of 5 in the set");
        assertThat(SkillLevel.of(statuses(4, 0, 0, 0), 1).sentence())
                .isEqualTo("4 of 4 in the set; 1 left out for this child");
    }

    @Test
    void anEmptySetIsNotSeen() {
        assertThat(SkillLevel.of(List.of(), 2).level()).isEqualTo(Level.NOT_SEEN);
    }
}
