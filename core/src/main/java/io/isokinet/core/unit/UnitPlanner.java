package io.isokinet.core.unit;

import java.util.function.Supplier;

/** Makes a unit from a problem. The same problem and effort give the same activities on any machine. */
public interface UnitPlanner {
    /**
     * @param ids a new stable id for each new segment
     * @param effort how many evaluations of a whole plan may be spent
     */
    Outcome plan(UnitProblem problem, Supplier<String> ids, int effort);
}
