package io.isokinet.planner;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.UnitProblem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A unit on the way: what stands in each slot and how many cues each lesson introduces; all else is read from that. */
@PlanningSolution
public class Draft {
    private Run run;

    @PlanningEntityCollectionProperty
    private List<Place> places;

    @PlanningEntityCollectionProperty
    private List<Pace> paces;

    @PlanningScore
    private HardMediumSoftLongScore score;

    /** What stays the same during one run, and counts it. */
    static final class Run {
        final UnitProblem problem;
        final Candidates candidates;
        final Frame frame;
        final Reading.Onward reading;
        long evaluations;
        /** Asked now and then; stops the engine. */
        Runnable check = () -> {};

        /** The same with what stands. */
        Run before(List<List<Choice>> stands) {
            UnitProblem again = problem.after(stands);
            Run run = new Run(again, candidates.of(again), frame);
            run.check = check;
            return run;
        }

        Run(UnitProblem problem, Candidates candidates, Frame frame) {
            this.problem = problem;
            this.candidates = candidates;
            this.frame = frame;
            this.reading = new Reading.Onward(problem, candidates);
        }
    }

    /** For the engine, which clones. */
    public Draft() {}

    Draft(Run run, List<Place> places, List<Pace> paces) {
        this.run = run;
        this.places = places;
        this.paces = paces;
    }

    Run run() {
        return run;
    }

    Plan read() {
        List<List<Choice>> rows = run.frame.rows();
        for (Place place : places)
            rows.get(place.slot().lesson())
                    .set(place.slot().position(), place.slot().with(place.option()));
        int[] newCues = new int[paces.size()];
        for (int i = 0; i < newCues.length; i++) newCues[i] = paces.get(i).newCues();
        List<List<List<Integer>>> leads = new ArrayList<>(rows.size());
        for (List<Choice> row : rows) leads.add(new ArrayList<>(Collections.nCopies(row.size(), List.of())));
        for (Place place : places)
            leads.get(place.slot().lesson()).set(place.slot().position(), place.leads());
        return run.reading.of(rows, new Reading.Hints(newCues, leads, true));
    }
}
