package io.isokinet.core.unit;

import static io.isokinet.core.Made.problem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class ConstructivePlannerTest extends PlannerContract {
    @Override
    protected UnitPlanner planner() {
        return new ConstructivePlanner();
    }

    @Test
    void improvesOnWhatItConstructed() {
        Outcome.Planned none = (Outcome.Planned) planner().plan(problem(4, 40), ids(), 0);
        Outcome.Planned some = (Outcome.Planned) planner().plan(problem(4, 40), ids(), 3000);
        assertThat(some.score()).isLessThanOrEqualTo(none.score());
        assertThat(some.evaluations()).isLessThanOrEqualTo(3000 + 400);
    }

    @Test
    void theSkeletonHoldsWhatTheMinutesAllow() {
        assertThat(Skeleton.of(15, true)).hasSize(4);
        assertThat(Skeleton.of(20, true)).hasSize(5);
        assertThat(Skeleton.of(24, true)).hasSize(6);
        assertThat(Skeleton.of(30, true)).hasSize(6);
        assertThat(Skeleton.of(40, true)).hasSize(7);
        assertThat(Skeleton.of(60, true)).hasSize(9);
        assertThatThrownBy(() -> Skeleton.of(14, true)).hasMessageContaining("at least 15");
    }

    @Test
    void problemsThatMakeNoSenseAreRefused() {
        UnitProblem base = problem(1, 30);
        assertThatThrownBy(() -> problem(17, 30)).hasMessageContaining("1 to 16 lessons");
        assertThatThrownBy(() -> problem(8, 0, 1, 30, Map.of(), Wishes.USUAL)).hasMessageContaining("nobody in it");
        Target roll = new Target("roll", "roll/all");
        assertThatThrownBy(() -> targets(base, List.of(roll, roll))).hasMessageContaining("given twice");
        assertThatThrownBy(() -> targets(base, List.of())).hasMessageContaining("1 to 4 skills");
        assertThatThrownBy(() -> new UnitProblem(
                        base.profile(),
                        base.lessons(),
                        base.targets(),
                        Map.of(),
                        Map.of(),
                        base.knowHow(),
                        base.cupboard(),
                        base.wishes(),
                        Collections.nCopies(2, new TreeMap<>())))
                .hasMessageContaining("locks for 2 of 1 lessons");
    }

    private static UnitProblem targets(UnitProblem base, List<Target> targets) {
        return new UnitProblem(
                base.profile(),
                base.lessons(),
                targets,
                Map.of(),
                Map.of(),
                base.knowHow(),
                base.cupboard(),
                base.wishes(),
                List.of());
    }
}
