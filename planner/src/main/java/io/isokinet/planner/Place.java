package io.isokinet.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Frame;
import java.util.List;
import java.util.stream.Stream;

/** A slot of the unit, and what stands in it. */
@PlanningEntity
public class Place {
    private static final Integer NONE = -1;

    @PlanningId
    private int id;

    private Frame.Slot slot;

    @PlanningVariable(valueRangeProviderRefs = "options")
    private Candidate option;

    /** Cues to think of first; -1 leaves it to the reading. */
    @PlanningVariable(valueRangeProviderRefs = "cues")
    private Integer lead = NONE;

    @PlanningVariable(valueRangeProviderRefs = "cues")
    private Integer second = NONE;

    private List<Integer> cues;

    /** For the engine, which clones. */
    public Place() {}

    Place(int id, Frame.Slot slot, Candidate option) {
        this.id = id;
        this.slot = slot;
        this.option = option;
        this.cues = Stream.concat(Stream.of(NONE), slot.options().stream().flatMap(c -> c.hosts().stream()))
                .distinct()
                .sorted()
                .toList();
    }

    @ValueRangeProvider(id = "cues")
    public List<Integer> cues() {
        return cues;
    }

    List<Integer> leads() {
        if (lead < 0) return second < 0 ? List.of() : List.of(second);
        return second < 0 ? List.of(lead) : List.of(lead, second);
    }

    @ValueRangeProvider(id = "options")
    public List<Candidate> options() {
        return slot.options();
    }

    Frame.Slot slot() {
        return slot;
    }

    Candidate option() {
        return option;
    }
}
