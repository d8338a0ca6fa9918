package io.isokinet.core.unit;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static io.isokinet.core.unit.Drafts.replaced;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need.Per;
import io.isokinet.core.unit.edit.Refit;
import java.util.List;
import org.junit.jupiter.api.Test;

class RefitTest {
    /** A hall of 20 m has no lane of 40. */
    private final Activity lanes = activity("lanes", LessonPhase.PRACTISE, LessonPhase.TEACH)
            .of(ROLL, 1)
            .grouped(Formation.LANES, 3, 5, 6)
            .lever(Made.distance(0, 3, 40))
            .build();

    private final Activity balls = activity("balls", LessonPhase.PRACTISE, LessonPhase.TEACH)
            .of(ROLL, 1)
            .needs(Made.balls(Per.CHILD, 1))
            .build();

    private Plan plan(Cupboard there, int setting, boolean locked) {
        UnitProblem problem = Made.problem(1, 30, lanes, balls);
        UnitProblem now = new UnitProblem(
                problem.profile(),
                problem.lessons(),
                problem.targets(),
                problem.cues(),
                problem.reached(),
                problem.knowHow(),
                there,
                problem.wishes(),
                List.of());
        List<Choice> row = lesson(now, 0, "lanes", "balls", "roll-game1");
        return read(now, replaced(row, 1, row.get(1).withSetting(setting).withLocked(locked)));
    }

    private static Refit refit(Plan plan) {
        return Refit.of(plan, new Candidates(plan.problem()));
    }

    @Test
    void whatFitsStaysAsItIs() {
        Plan plan = plan(cupboard(FOAM, 30), 0, false);
        assertThat(refit(plan).changes()).isEmpty();
        assertThat(refit(plan).plan()).isSameAs(plan);
    }

    /** The step that is too long goes back; the balls that went take their drill with them; the others stay. */
    @Test
    void whatDoesNotFitTakesTheNearestStepOrMakesRoom() {
        Plan plan = plan(cupboard(FOAM, 2), 1, false);
        Refit refit = refit(plan);
        assertThat(refit.changes()).hasSize(2);
        assertThat(Lengths.plain(refit.changes().get(0))).startsWith("Lesson 1: lanes at “3 m” instead of “40 m”. ");
        assertThat(refit.changes().get(1)).contains(" instead of balls. ", "24 foam balls wanted");
        assertThat(refit.plan().all()).allMatch(s -> s.candidate().allowed());
        assertThat(refit.plan().segments().map(Segment::id))
                .isEqualTo(plan.segments().map(Segment::id).toList());
        assertThat(refit.plan().lessons().get(0).get(3).activity())
                .isEqualTo(plan.lessons().get(0).get(3).activity());
    }

    @Test
    void whatIsLockedIsSaidAndLeft() {
        Plan plan = plan(cupboard(FOAM, 30), 1, true);
        Refit refit = refit(plan);
        assertThat(refit.changes())
                .singleElement()
                .asString()
                .startsWith("Lesson 1: lanes is locked and does not fit. ");
        assertThat(refit.plan()).isSameAs(plan);
    }
}
