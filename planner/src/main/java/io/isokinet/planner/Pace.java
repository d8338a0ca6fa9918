package io.isokinet.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.List;
import java.util.stream.IntStream;

/** How many new cues a lesson introduces. */
@PlanningEntity
public class Pace {
    @PlanningId
    private int lesson;

    private int most;

    @PlanningVariable
    private Integer newCues;

    /** For the engine, which clones. */
    public Pace() {}

    Pace(int lesson, int most, int newCues) {
        this.lesson = lesson;
        this.most = most;
        this.newCues = newCues;
    }

    @ValueRangeProvider
    public List<Integer> range() {
        return IntStream.rangeClosed(0, most).boxed().toList();
    }

    int newCues() {
        return newCues;
    }
}
