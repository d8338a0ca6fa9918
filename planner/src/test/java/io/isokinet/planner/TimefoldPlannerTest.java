package io.isokinet.planner;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.PlannerContract;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TimefoldPlannerTest extends PlannerContract {
    @Override
    protected UnitPlanner planner() {
        return new TimefoldPlanner();
    }

    /** Over seeded classes, places, cupboards and wishes: legal wherever nothing proves it impossible. */
    @ParameterizedTest
    @ValueSource(ints = {4, 8, 16})
    void everyPlanIsLegal(int lessons) {
        int planned = 0;
        for (int seed = 0; seed < 12; seed++) {
            Outcome outcome = planner().plan(Instances.large(seed, lessons), Instances.ids(), 2000);
            if (!(outcome instanceof Outcome.Planned found)) continue;
            planned++;
            assertThat(found.score().hard())
                    .as("%d lessons, seed %d: %s", lessons, seed, Rules.strains(found.plan()))
                    .isZero();
        }
        assertThat(planned).isGreaterThan(6);
    }

    /** Which cues, in which order and in which lesson: as the teacher decided, or nothing. All sixty are in {@code bin/bench units}. */
    @Test
    void whatTheTeacherDecidesAboutCuesIsKept() {
        for (int seed = 0; seed < 10; seed++) {
            Outcome outcome = planner().plan(CueChoices.problem(seed), Instances.ids(), 2000);
            assertThat(outcome).as("seed %d", seed).isInstanceOf(Outcome.Planned.class);
            assertThat(CueChoices.broken(((Outcome.Planned) outcome).plan()))
                    .as("seed %d", seed)
                    .isEmpty();
        }
    }

    @Test
    void tellsEachBetterPlanAndStopsWhenAsked() {
        List<Score> told = new ArrayList<>();
        int enough = 2;
        UnitPlanner.Watcher watcher = new UnitPlanner.Watcher() {
            @Override
            public void better(Plan best, Score score, long evaluations) {
                assertThat(Rules.score(best)).isEqualTo(score);
                told.add(score);
            }

            @Override
            public boolean cancelled() {
                return told.size() >= enough;
            }
        };
        UnitProblem unit = Instances.usual(4);
        Outcome.Planned stopped = (Outcome.Planned) planner().plan(unit, Instances.ids(), 20_000, watcher);
        assertThat(stopped.evaluations()).isLessThan(20_000);
        assertThat(stopped.score()).isEqualTo(told.get(told.size() - 1));
        for (int i = 1; i < told.size(); i++)
            assertThat(told.get(i).isBetterThan(told.get(i - 1))).isTrue();
    }

    @Test
    void isBetterThanBuildingAlone() {
        UnitProblem unit = Instances.usual(4);
        Outcome.Planned built =
                (Outcome.Planned) new ConstructivePlanner().plan(unit, Instances.ids(), TimefoldPlanner.USUAL_EFFORT);
        Outcome.Planned found = (Outcome.Planned) planner().plan(unit, Instances.ids(), TimefoldPlanner.USUAL_EFFORT);
        assertThat(found.score().isBetterThan(built.score())).isTrue();
    }
}
