package io.isokinet.core.unit;

import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.unit.rule.AtTheDoor;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import java.util.List;
import org.junit.jupiter.api.Test;

class AtTheDoorTest {
    /** The same drill all the way: much is strained, three things are said, what breaks first. */
    @Test
    void atMostThreeThingsAreSaidTheWorstFirst() {
        UnitProblem three = problem(3, 40);
        Plan plan = read(
                three,
                lesson(three, 0, "roll-drill1", "roll-drill1", "catch-game2"),
                lesson(three, 1, "roll-drill1", "roll-drill1", "roll-drill1"),
                lesson(three, 2, "roll-drill1", "roll-drill1", "roll-game1"));
        List<AtTheDoor.Said> said = AtTheDoor.of(plan);
        assertThat(Rules.strains(plan)).hasSizeGreaterThan(10);
        assertThat(said).hasSize(3);
        assertThat(said).extracting(s -> s.worst().rule().level()).isSorted();
        assertThat(said).extracting(s -> s.worst().rule().key()).doesNotHaveDuplicates();
        assertThat(said.get(0).worst().rule().level())
                .isEqualTo(Rules.strains(plan).stream()
                        .map(s -> s.rule().level())
                        .min(Rule.Level::compareTo)
                        .orElseThrow());
        for (AtTheDoor.Said one : said) {
            List<Strain> all = Strain.of(one.worst().rule(), plan);
            assertThat(one.more()).isEqualTo(all.size() - 1);
            assertThat(one.words()).startsWith(one.worst().sentence());
        }
    }

    /** A compromise of less than two missed exposures is not worth a word. */
    @Test
    void whatWeighsLittleIsNotSaid() {
        UnitProblem one = problem(1, 30);
        Plan plan = read(one, lesson(one, 0, "roll-drill1", "catch-drill1", "roll-game1"));
        assertThat(AtTheDoor.of(plan))
                .allMatch(s -> s.worst().rule().level() != Rule.Level.SOFT
                        || Strain.cost(s.worst().rule(), plan) >= 20);
        assertThat(Rules.strains(plan))
                .anyMatch(s -> s.rule().level() == Rule.Level.SOFT && Strain.cost(s.rule(), plan) < 20);
    }
}
