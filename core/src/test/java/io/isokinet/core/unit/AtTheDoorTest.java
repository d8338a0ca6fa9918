package io.isokinet.core.unit;

import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.unit.rule.AtTheDoor;
import io.isokinet.core.unit.rule.CueMetInThreeLessons;
import io.isokinet.core.unit.rule.CueMetOftenEnough;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class AtTheDoorTest {
    private static final Set<String> MET = Set.of(new CueMetInThreeLessons().key(), new CueMetOftenEnough().key());

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

    /** A cue that is met in too few lessons is met too rarely as well: that is one thing to say. */
    @Test
    void aCueThatIsMetTooRarelyIsSaidOnce() {
        UnitProblem four = problem(4, 24);
        Map<String, Integer> weights = Rules.all().stream()
                .filter(r -> r.level() == Rule.Level.SOFT && !MET.contains(r.key()))
                .collect(Collectors.toMap(Rule::key, r -> 0));
        UnitProblem heard = four.with(four.wishes().weighing(weights), four.locks());
        Plan plan = read(
                heard,
                lesson(heard, 0, "roll-drill1", "roll-drill2", "roll-game1"),
                lesson(heard, 1, "catch-drill1", "catch-drill2", "catch-game1"),
                lesson(heard, 2, "catch-drill1", "catch-drill2", "catch-game1"),
                lesson(heard, 3, "catch-drill1", "catch-drill2", "catch-game1"));
        for (String key : MET)
            assertThat(Rules.strains(plan).stream()
                            .filter(s -> s.rule().key().equals(key))
                            .mapToLong(Strain::cost)
                            .sum())
                    .as(key)
                    .isGreaterThanOrEqualTo(20);
        assertThat(AtTheDoor.of(plan).stream()
                        .filter(s -> MET.contains(s.worst().rule().key())))
                .as(AtTheDoor.of(plan).stream()
                        .map(AtTheDoor.Said::words)
                        .toList()
                        .toString())
                .hasSize(1);
    }
}
