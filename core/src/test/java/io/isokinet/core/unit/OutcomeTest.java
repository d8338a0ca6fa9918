package io.isokinet.core.unit;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static io.isokinet.core.unit.Drafts.replaced;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.thing.Need.Per;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.Outcome;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutcomeTest {
    /** Forty balls a child are nowhere. */
    private final Activity much = activity("much", LessonPhase.PRACTISE, LessonPhase.TEACH)
            .of(ROLL, 1)
            .needs(Made.balls(Per.CHILD, 40))
            .build();

    private final UnitProblem problem = Made.problem(1, 30, much);

    private Outcome.Planned with(boolean locked) {
        List<Choice> row = lesson(problem, 0, "much", "roll-game1");
        Plan plan = read(problem, replaced(row, 1, row.get(1).withLocked(locked)));
        return new Outcome.Planned(plan, Rules.score(plan), 1);
    }

    @Test
    void whatPlanningCouldHaveDoneOtherwiseIsBroken() {
        assertThat(with(false).broken()).extracting(s -> s.rule().key()).contains("activity-fits");
        assertThat(with(false).broken()).allMatch(s -> s.rule().level() == io.isokinet.core.unit.rule.Rule.Level.HARD);
    }

    /** What somebody locked, and what was taught, is not the fault of the plan. */
    @Test
    void whatIsGivenIsNot() {
        assertThat(with(true).broken()).extracting(s -> s.rule().key()).doesNotContain("activity-fits");
        UnitProblem taught = new UnitProblem(
                problem.profile(),
                List.of(new LessonSlot(30, Made.HALL, true)),
                problem.targets(),
                problem.cues(),
                problem.reached(),
                problem.knowHow(),
                Made.cupboard(FOAM, 3),
                problem.wishes(),
                List.of());
        Plan plan = read(taught, lesson(taught, 0, "much", "roll-game1"));
        assertThat(new Outcome.Planned(plan, Rules.score(plan), 1).broken()).noneMatch(s -> s.lesson() != null);
    }
}
