package io.isokinet.core.unit.search;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitProblem;
import java.util.function.Supplier;

/** Makes a unit from a problem. The same problem and effort give the same activities on any machine. */
public interface UnitPlanner {
    /** Looks on while a unit is planned. */
    interface Watcher {
        /** @param best the best plan so far @param evaluations whole plans that were scored on the way */
        void better(Plan best, Score score, long evaluations);

        /** Asked often; true stops the planner, which gives the best it has. */
        boolean cancelled();

        Watcher NONE = new Watcher() {
            @Override
            public void better(Plan best, Score score, long evaluations) {}

            @Override
            public boolean cancelled() {
                return false;
            }
        };
    }

    /**
     * @param ids a new stable id for each new segment
     * @param effort evaluations of a whole plan that the main search may spend; building a start and finishing take some more, and
     *     all are counted in the outcome
     */
    Outcome plan(UnitProblem problem, Supplier<String> ids, int effort, Watcher watcher);

    default Outcome plan(UnitProblem problem, Supplier<String> ids, int effort) {
        return plan(problem, ids, effort, Watcher.NONE);
    }
}
