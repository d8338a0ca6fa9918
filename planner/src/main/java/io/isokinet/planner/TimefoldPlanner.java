package io.isokinet.planner;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.entity.EntitySelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.MoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.SwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.value.ValueSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.InForce;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.Polish;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Searches from a constructed start by simulated annealing, twice with different seeds, and polishes what it finds. Effort is
 * counted in evaluations and the seeds are fixed, so the same problem gives the same unit on any machine.
 */
public final class TimefoldPlanner implements UnitPlanner {
    /** Evaluations that are enough for most units: half of small ones come out as good as can be. */
    public static final int USUAL_EFFORT = 24_000;

    /** So much of the effort goes beside it into a better start, and again after each search into cues and minutes. */
    private static final double BESIDE = 0.3;

    /** Evaluations spent however little is open. */
    private static final int LEAST_EFFORT = 4000;

    private static final int RESTARTS = 5;
    /** Each start has this part of the effort: five with a fifth each come out worse than three with a third. */
    private static final int PARTS = 3;
    /** As long as what was found breaks what must hold. */
    private static final int MOST_RESTARTS = 9;
    /** Evaluations between two looks at whether somebody still waits. */
    private static final int CHECKED = 128;

    /** How much worse a step may be at first, by level; one and a half missed exposures, and now and then a rule broken on the way. */
    private static final String HEAT = "1hard/1medium/15soft";

    /** Searches on from what was found until nothing better comes, so that planning the same again leaves it as it is. */
    private static final int MOST_ROUNDS = 3;

    @Override
    public Outcome plan(UnitProblem problem, Supplier<String> ids, int whole, Watcher watcher) {
        Candidates candidates = new Candidates(problem);
        Frame frame = new Frame(problem, candidates, ids);
        if (!frame.certificates().isEmpty()) return new Outcome.Impossible(frame.whyNot());
        int effort = share(frame, whole);
        Draft.Run run = new Draft.Run(problem, candidates, frame);
        Best best = new Best(run, watcher);
        Plan inForce = InForce.of(problem, candidates);
        if (inForce == null) {
            fresh(run, effort, best);
        } else {
            best.offer(inForce);
            settle(run, true, effort, best);
            UnitProblem alone = problem.alone();
            Draft.Run anew = new Draft.Run(alone, candidates.of(alone), frame);
            Best found = new Best(anew, quietly(watcher));
            fresh(anew, effort, found);
            run.evaluations += anew.evaluations;
            best.offer(Reading.of(problem, candidates, found.plan.fixed()));
        }
        return new Outcome.Planned(best.plan, best.score, (int) Math.min(Integer.MAX_VALUE, run.evaluations));
    }

    /** Where a lesson alone is open, a lesson's share of the effort does: what happened to it is answered at once. */
    private static int share(Frame frame, int whole) {
        int parts = frame.rows().stream().mapToInt(List::size).sum();
        return parts == 0
                ? whole
                : Math.max(Math.min(whole, LEAST_EFFORT), (int)
                        ((long) whole * frame.slots().size() / parts));
    }

    /** What is found on the way belongs to another question, and is not shown. */
    private static Watcher quietly(Watcher watcher) {
        return new Watcher() {
            @Override
            public void better(Plan best, Score score, long evaluations) {}

            @Override
            public boolean cancelled() {
                return watcher.cancelled();
            }
        };
    }

    /** Whatever was planned before. */
    private static void fresh(Draft.Run run, int effort, Best best) {
        List<Outcome.Planned> built = ConstructivePlanner.starts(
                run.problem, run.candidates, run.frame, (int) (effort * BESIDE), best.watcher);
        built.forEach(best::offer);
        Draft from = null;
        for (int seed = 0;
                (seed < RESTARTS || seed < MOST_RESTARTS && best.score.hard() > 0)
                        && !best.watcher.cancelled()
                        && !run.frame.slots().isEmpty();
                seed++) {
            // Where skills go lesson by lesson, another order is another valley; elsewhere the search goes on.
            if (seed < built.size() || from == null)
                from = start(run, built.get(Math.min(seed, built.size() - 1)).plan());
            from = search(from, seed, effort / PARTS, best);
            best.offer(polished(run, from.read(), effort));
        }
        climb(run, effort, best);
        settle(run, false, effort, best);
    }

    /** Nothing that one change or one exchange betters is left as it is. */
    private static void climb(Draft.Run run, int effort, Best best) {
        if (best.watcher.cancelled() || run.frame.slots().isEmpty() || !sameSlots(run.frame, best.plan)) return;
        Outcome.Planned climbed = ConstructivePlanner.climbed(
                run.problem, run.candidates, run.frame, best.plan, (int) (effort * BESIDE), best.watcher);
        best.offer(climbed);
        best.offer(polished(run, climbed.plan(), effort));
    }

    /**
     * From the best that there is, as long as something better comes; what stands is changed only for more than the change costs, as
     * in a replan.
     *
     * @param given true if the problem says itself what stands
     */
    private static void settle(Draft.Run run, boolean given, int effort, Best best) {
        for (int round = 0;
                round < MOST_ROUNDS
                        && !best.watcher.cancelled()
                        && !run.frame.slots().isEmpty();
                round++) {
            Plan stands = best.plan;
            Draft.Run again = given ? run : run.before(stands.fixed());
            Best better = new Best(again, quietly(best.watcher));
            better.offer(Reading.of(again.problem, again.candidates, stands.fixed()));
            search(start(again, stands), RESTARTS + 1, effort / PARTS / 2, better);
            if (sameSlots(again.frame, stands)) better.offer(polished(again, better.plan, effort));
            if (!given) run.evaluations += again.evaluations;
            if (!best.offer(Reading.of(run.problem, run.candidates, better.plan.fixed()))) return;
        }
    }

    private static Outcome.Planned polished(Draft.Run run, Plan plan, int effort) {
        return Polish.of(run.problem, run.candidates, run.frame.slots(), plan, (int) (effort * BESIDE));
    }

    /** True if a plan has the parts that a frame would give it. */
    private static boolean sameSlots(Frame frame, Plan plan) {
        List<List<Choice>> rows = frame.rows();
        for (int lesson = 0; lesson < rows.size(); lesson++)
            if (rows.get(lesson).size() != plan.lessons().get(lesson).size()) return false;
        return frame.slots().stream().allMatch(slot -> there(plan, slot) != null);
    }

    /** What a plan has in a slot; null if its lesson has other parts. */
    private static @Nullable Segment there(Plan plan, Frame.Slot slot) {
        List<Segment> lesson = plan.lessons().get(slot.lesson());
        if (slot.position() >= lesson.size()) return null;
        Segment there = lesson.get(slot.position());
        return there.phases().equals(slot.first().phases()) ? there : null;
    }

    /** The best plan of a run, told on when it gets better. */
    private static final class Best {
        private final Draft.Run run;
        private final Watcher watcher;
        private Plan plan;
        private Score score;

        Best(Draft.Run run, Watcher watcher) {
            this.run = run;
            this.watcher = watcher;
        }

        /** What was found beside the engine, which counts for itself. */
        void offer(Outcome.Planned found) {
            run.evaluations += found.evaluations();
            offer(found.plan());
        }

        /** @return true if it is better than what there was */
        boolean offer(Plan other) {
            Score its = Rules.score(other);
            if (score != null && !its.isBetterThan(score)) return false;
            plan = other;
            score = its;
            watcher.better(plan, score, run.evaluations);
            return true;
        }
    }

    private static Draft start(Draft.Run run, Plan plan) {
        List<Place> places = new ArrayList<>();
        for (Frame.Slot slot : run.frame.slots()) {
            Segment there = there(plan, slot);
            Candidate option = there != null && slot.options().contains(there.candidate())
                    ? there.candidate()
                    : run.candidates.get(
                            slot.lesson(), slot.first().activity(), slot.first().setting());
            places.add(new Place(places.size(), slot, option));
        }
        int most = run.problem.wishes().newCues(run.problem.profile().age().years());
        List<Pace> paces = new ArrayList<>();
        for (List<Segment> lesson : plan.lessons()) {
            int now = lesson.stream().mapToInt(s -> s.introduces().size()).sum();
            paces.add(new Pace(paces.size(), most, Math.min(most, now)));
        }
        return new Draft(run, places, paces);
    }

    private static Draft search(Draft start, int seed, int effort, Best best) {
        Solver<Draft> solver = SolverFactory.<Draft>create(config(seed, effort)).buildSolver();
        solver.addEventListener(event -> best.offer(event.getNewBestSolution().read()));
        start.run().check = () -> {
            if (best.watcher.cancelled()) solver.terminateEarly();
        };
        return solver.solve(start);
    }

    /** Half of the effort goes to the activities and how many cues a lesson introduces, half to which cues as well. */
    private static SolverConfig config(int seed, int effort) {
        return new SolverConfig()
                .withSolutionClass(Draft.class)
                .withEntityClasses(Place.class, Pace.class)
                .withScoreDirectorFactory(new ScoreDirectorFactoryConfig().withEasyScoreCalculatorClass(Scorer.class))
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed((long) seed)
                .withPhases(
                        phase(effort / 2, change(Place.class, "option"), swap(), change(Pace.class, "newCues")),
                        // The engine counts evaluations over both phases.
                        phase(
                                effort,
                                change(Place.class, "option"),
                                swap(),
                                change(Pace.class, "newCues"),
                                change(Place.class, "lead"),
                                change(Place.class, "second")));
    }

    private static LocalSearchPhaseConfig phase(int effort, MoveSelectorConfig<?>... moves) {
        return new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(new UnionMoveSelectorConfig().withMoveSelectors(moves))
                .withAcceptorConfig(new LocalSearchAcceptorConfig().withSimulatedAnnealingStartingTemperature(HEAT))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                .withTerminationConfig(new TerminationConfig().withScoreCalculationCountLimit((long) effort));
    }

    private static MoveSelectorConfig<?> change(Class<?> of, String variable) {
        return new ChangeMoveSelectorConfig()
                .withEntitySelectorConfig(new EntitySelectorConfig(of))
                .withValueSelectorConfig(new ValueSelectorConfig(variable));
    }

    private static MoveSelectorConfig<?> swap() {
        return new SwapMoveSelectorConfig()
                .withEntitySelectorConfig(new EntitySelectorConfig(Place.class))
                .withVariableNameIncludes("option");
    }

    /** What the rules say of a draft. */
    public static final class Scorer implements EasyScoreCalculator<Draft, HardMediumSoftLongScore> {
        @Override
        public HardMediumSoftLongScore calculateScore(Draft draft) {
            if (++draft.run().evaluations % CHECKED == 0) draft.run().check.run();
            Score score = Rules.score(draft.read());
            return HardMediumSoftLongScore.of(-score.hard(), -score.medium(), -score.soft());
        }
    }
}
