package io.isokinet.planner;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.skill.Body;
import io.isokinet.core.task.Toll;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Skeleton;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.*;
import io.isokinet.core.unit.rule.CueMetInThreeLessons;
import io.isokinet.core.unit.rule.CueMetOftenEnough;
import io.isokinet.core.unit.rule.CueTaughtThisUnit;
import io.isokinet.core.unit.rule.DifficultyRises;
import io.isokinet.core.unit.rule.EnoughMotion;
import io.isokinet.core.unit.rule.EnoughTries;
import io.isokinet.core.unit.rule.EveryCueIntroducedInTime;
import io.isokinet.core.unit.rule.FavouritesIn;
import io.isokinet.core.unit.rule.FewLayouts;
import io.isokinet.core.unit.rule.LittleChanges;
import io.isokinet.core.unit.rule.LittleWaiting;
import io.isokinet.core.unit.rule.LivelyOrCalm;
import io.isokinet.core.unit.rule.LoadHasRoom;
import io.isokinet.core.unit.rule.LooksSuffice;
import io.isokinet.core.unit.rule.NewAtItsEasiest;
import io.isokinet.core.unit.rule.NewCuesWithinAge;
import io.isokinet.core.unit.rule.NewOrFamiliar;
import io.isokinet.core.unit.rule.NoLongGap;
import io.isokinet.core.unit.rule.NoRunOfTheSame;
import io.isokinet.core.unit.rule.NotTheSameAgain;
import io.isokinet.core.unit.rule.OpeningsBelong;
import io.isokinet.core.unit.rule.OrderAsWished;
import io.isokinet.core.unit.rule.PlayUsesPractice;
import io.isokinet.core.unit.rule.PlayedSoon;
import io.isokinet.core.unit.rule.QueuesApart;
import io.isokinet.core.unit.rule.RightChallenge;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.ShapeWorkIsShort;
import io.isokinet.core.unit.rule.SkillsGetTheirShare;
import io.isokinet.core.unit.rule.StaysInItsMinutes;
import io.isokinet.core.unit.rule.WarmsLongEnough;
import io.isokinet.core.unit.rule.WarmsWhatIsUsed;
import io.isokinet.core.unit.rule.WorkHasACue;
import io.isokinet.core.unit.rule.WorkMatchesReached;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A unit as an integer programme, free in choice, introductions, focus, looks and minutes: the same tables, and each rule once more, in
 * about ten lines. What it finds is the best there is; what the rules say of it must be its objective.
 */
final class ExactModel {
    static {
        Loader.loadNativeLibraries();
    }

    /** A medium point outweighs every soft one. */
    private static final int MEDIUM = 100_000;

    private static final int TOP = 6;

    private final UnitProblem problem;
    private final Candidates candidates;
    private final List<Frame.Slot> slots;
    private final int lessons;
    private final int cues;
    private final CpModel model = new CpModel();
    private final LinearExprBuilder objective = LinearExpr.newBuilder();

    /** x[s][k]: option k stands in slot s. */
    private final BoolVar[][] x;

    private final BoolVar[][] intro;
    private final BoolVar[][] focus;
    private final BoolVar[][] watch;
    private final IntVar[] minutes;
    /** What is left over, by cue: 0 or 1. */
    private final LinearArgument[] introduced;
    /** met[q][l]: a cue is worked on in a lesson. */
    private final BoolVar[][] met;
    /** at[k][l][v]: skill k is worked on in lesson l on rung v or above; v from 1. */
    private final BoolVar[][][] at;

    /** The same of its drills alone, and of all its drills so far. */
    private final BoolVar[][][] drilled;

    private final BoolVar[][][] highest;

    /** @param frame without locks */
    ExactModel(UnitProblem problem, Candidates candidates, Frame frame) {
        this.problem = problem;
        this.candidates = candidates;
        this.slots = frame.slots();
        this.lessons = problem.lessons().size();
        this.cues = candidates.targetCues().size();
        x = new BoolVar[slots.size()][];
        for (int s = 0; s < x.length; s++) {
            x[s] = bools(slots.get(s).options().size(), "x" + s);
            model.addExactlyOne(x[s]);
        }
        intro = table("intro");
        focus = table("focus");
        watch = table("watch");
        minutes = new IntVar[slots.size()];
        introduced = new LinearArgument[cues];
        met = new BoolVar[cues][];
        at = new BoolVar[problem.targets().size()][lessons][];
        drilled = new BoolVar[problem.targets().size()][lessons][];
        highest = new BoolVar[problem.targets().size()][lessons][];
        cues();
        minutesAddUp();
        rungs();
        for (int k = 0; k < at.length; k++) inOrder(k);
        candidatesAlone();
        exposures();
        mediumRules();
        returns();
        runs();
        shapes();
        plays();
        queues();
        ending();
        kit();
        warms();
        layouts();
        looks();
        favourites();
        newAtItsEasiest();
        loads();
        nearLoads();
        model.minimize(objective);
    }

    /**
     * What was found.
     *
     * @param proved true if nothing is better
     */
    record Solved(List<List<Choice>> rows, long objective, long bound, boolean proved) {
        Score score() {
            return ExactModel.score(objective);
        }
    }

    static Score score(long objective) {
        return new Score(0, objective / MEDIUM, objective % MEDIUM);
    }

    /** @param seconds after which it gives the best it has */
    Solved solve(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds);
        solver.getParameters().setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE)
            throw new IllegalStateException("The exact model is " + status + ".");
        List<List<Choice>> rows = new ArrayList<>();
        for (int l = 0; l < lessons; l++) rows.add(new ArrayList<>());
        for (int s = 0; s < x.length; s++) {
            Candidate chosen = slots.get(s).options().get(first(solver, x[s]));
            rows.get(slots.get(s).lesson())
                    .add(slots.get(s)
                            .with(chosen)
                            .withMinutes((int) solver.value(minutes[s]))
                            .withCues(keys(solver, intro[s]), keys(solver, focus[s]), only(keys(solver, watch[s]))));
        }
        return new Solved(
                rows,
                Math.round(solver.objectiveValue()),
                Math.round(solver.bestObjectiveBound()),
                status == CpSolverStatus.OPTIMAL);
    }

    /** Holds the model to a plan of the same frame; what is left to it are the costs. */
    void fix(Plan plan) {
        for (int s = 0; s < x.length; s++) {
            Segment segment =
                    plan.lessons().get(slots.get(s).lesson()).get(slots.get(s).position());
            model.addEquality(x[s][slots.get(s).options().indexOf(segment.candidate())], 1);
            model.addEquality(minutes[s], segment.minutes());
            for (int q = 0; q < cues; q++) {
                String key = candidates.targetCues().get(q);
                model.addEquality(intro[s][q], segment.introduces().contains(key) ? 1 : 0);
                model.addEquality(focus[s][q], segment.focus().contains(key) ? 1 : 0);
                model.addEquality(watch[s][q], key.equals(segment.watch()) ? 1 : 0);
            }
        }
    }

    /** A cue is hosted where it is worked on, introduced before, and after what it builds on; two at most. */
    private void cues() {
        boolean[] taught = new boolean[cues];
        for (int q = 0; q < cues; q++)
            taught[q] = problem.state(candidates.targetCues().get(q)).taught();
        for (int s = 0; s < x.length; s++) {
            model.addLessOrEqual(LinearExpr.sum(focus[s]), Reading.FOCUS);
            model.addAtMostOne(watch[s]);
            boolean teaches = slots.get(s).first().phases().contains(LessonPhase.TEACH);
            for (int q = 0; q < cues; q++) {
                int cue = q;
                model.addLessOrEqual(focus[s][q], where(s, c -> c.hosts().contains(cue)));
                model.addLessOrEqual(
                        watch[s][q],
                        where(
                                s,
                                c -> c.hosts().contains(cue)
                                        && c.shows().get(c.hosts().indexOf(cue))));
                model.addImplication(watch[s][q], focus[s][q]);
                model.addImplication(intro[s][q], focus[s][q]);
                if (!teaches || taught[q]) model.addEquality(intro[s][q], 0);
                else model.addLessOrEqual(intro[s][q], where(s, Candidate::works));
                if (!taught[q]) model.addLessOrEqual(focus[s][q], upTo(s, q));
                if (!taught[q]) prerequisites(s, q, taught);
            }
        }
        for (int q = 0; q < cues; q++) {
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (BoolVar[] row : intro) sum.add(row[q]);
            if (!taught[q]) model.addLessOrEqual(sum, 1);
            introduced[q] = taught[q] ? LinearExpr.constant(1) : sum;
        }
        for (int q = 0; q < cues; q++) {
            int lesson = problem.pin(candidates.targetCues().get(q));
            LinearExprBuilder there = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++) if (slots.get(s).lesson() == lesson) there.add(intro[s][q]);
            if (lesson >= 0) model.addEquality(there, 1);
        }
    }

    /** Hard where the teacher chose the order, soft where it is that of the set: none before one that comes first. */
    private void inOrder(int k) {
        Target target = problem.targets().get(k);
        List<String> order = candidates.orders().get(k);
        for (int later = 1; later < order.size(); later++) {
            int q = candidates.targetCues().indexOf(order.get(later));
            IntVar out = target.cues().isOrdered() ? model.newIntVar(0, 0, "none") : amount(new CuesInOrder());
            for (String first : order.subList(0, later)) {
                int before = candidates.targetCues().indexOf(first);
                for (int s = 0; s < x.length; s++)
                    model.addLessOrEqual(
                            difference(intro[s][q], upTo(s, before)),
                            LinearExpr.newBuilder().add(out).add(begins(k, s, before)));
            }
        }
    }

    /** True where a skill is in its first lesson and a cue cannot occur in a stretch of it. */
    private BoolVar begins(int k, int s, int cue) {
        BoolVar begins = model.newBoolVar("begins");
        boolean ordered = problem.targets().get(k).cues().isOrdered();
        model.addLessOrEqual(begins, where(s, c -> !ordered && c.cannot().contains(cue)));
        for (int e = 0; e < slots.get(s).lesson(); e++) model.addImplication(begins, at[k][e][0].not());
        return begins;
    }

    private void prerequisites(int s, int q, boolean[] taught) {
        for (String before : problem.buildsOn(candidates.targetCues().get(q))) {
            int p = candidates.targetCues().indexOf(before);
            if (p < 0 && !problem.state(before).taught()) model.addEquality(intro[s][q], 0);
            else if (p >= 0 && !taught[p]) model.addLessOrEqual(intro[s][q], upTo(s, p));
        }
    }

    /** Hard: the minutes of a lesson; a close keeps its least. Soft: each activity's own. */
    private void minutesAddUp() {
        for (int l = 0; l < lessons; l++) {
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++) {
                if (slots.get(s).lesson() != l) continue;
                minutes[s] = model.newIntVar(1, problem.lessons().get(l).minutes(), "m" + s);
                sum.add(minutes[s]);
                IntVar off = amount(new StaysInItsMinutes());
                model.addLessOrEqual(
                        difference(minutes[s], sum(s, c -> c.activity().minutesMost())), off);
                if (slots.get(s).first().phases().contains(LessonPhase.WARM))
                    model.addGreaterOrEqual(
                            amount(new WarmsLongEnough()),
                            difference(LinearExpr.constant(WarmsLongEnough.LEAST), minutes[s]));
                boolean close = slots.get(s).first().phases().contains(LessonPhase.CLOSE);
                LinearArgument least = sum(s, c -> c.activity().minutesLeast());
                model.addLessOrEqual(difference(least, minutes[s]), close ? LinearExpr.constant(0) : off);
            }
            model.addEquality(sum, problem.lessons().get(l).minutes());
        }
    }

    /** Hard: a rung needs the one below earlier. Soft: difficulty rises, and play is as hard as practice. */
    private void rungs() {
        for (int k = 0; k < at.length; k++) {
            String skill = problem.targets().get(k).skill();
            int base = problem.reached().getOrDefault(skill, 0);
            int step = problem.wishes().climb();
            for (int s = 0; s < x.length; s++)
                for (int o = 0; o < x[s].length; o++) {
                    Candidate c = slots.get(s).options().get(o);
                    if (!skill.equals(c.activity().skill())) continue;
                    int needed = candidates.reach().needed(skill, c.level(), step);
                    if (needed > base) model.addLessOrEqual(x[s][o], before(s, skill, needed));
                    boolean play = slots.get(s).first().phases().contains(LessonPhase.PLAY);
                    int allowed = WorkMatchesReached.allowed(play, slots.get(s).lesson(), lessons);
                    IntVar below = amount(new WorkMatchesReached());
                    List<Literal> here = new ArrayList<>(List.of(x[s][o]));
                    if (play && c.level() > base) {
                        List<Literal> undrilled = new ArrayList<>(here);
                        for (Literal earlier : earlier(s, skill, c.level())) undrilled.add(earlier.not());
                        model.addGreaterOrEqual(below, 1).onlyEnforceIf(undrilled.toArray(Literal[]::new));
                    }
                    if (WorkMatchesReached.goesBack(play, slots.get(s).lesson(), lessons))
                        for (BoolVar cue : intro[s]) here.add(cue.not());
                    for (int v = c.level() + allowed + 1; v <= TOP; v++)
                        for (Literal earlier : earlier(s, skill, v)) {
                            List<Literal> both = new ArrayList<>(here);
                            both.add(earlier);
                            model.addGreaterOrEqual(below, v - allowed - c.level())
                                    .onlyEnforceIf(both.toArray(Literal[]::new));
                        }
                    if (base - allowed - c.level() > 0)
                        model.addGreaterOrEqual(below, base - allowed - c.level())
                                .onlyEnforceIf(here.toArray(Literal[]::new));
                }
            rises(k, skill);
        }
    }

    private void rises(int k, String skill) {
        for (int l = 0; l < lessons; l++) {
            at[k][l] = bools(TOP, "at");
            drilled[k][l] = bools(TOP, "drilled");
            highest[k][l] = bools(TOP, "hi");
            for (int v = 1; v <= TOP; v++) {
                at[k][l][v - 1] = or(inLesson(l, skill, v));
                drilled[k][l][v - 1] = or(inLesson(l, skill, v, false));
                highest[k][l][v - 1] =
                        l == 0 ? drilled[k][l][v - 1] : or(List.of(highest[k][l - 1][v - 1], drilled[k][l][v - 1]));
            }
            for (int v = 1; v <= TOP && l > 0; v++) {
                IntVar falls = amount(new DifficultyRises());
                model.addGreaterOrEqual(falls, 1)
                        .onlyEnforceIf(
                                new Literal[] {highest[k][l - 1][v - 1], drilled[k][l][0], drilled[k][l][v - 1].not()});
            }
        }
        IntVar stuck = amount(new DifficultyRises());
        for (int l = 0; l < lessons && candidates.reach().highest(skill) > 1; l++) {
            List<Literal> shape = new ArrayList<>(List.of(at[k][l][0]));
            for (int e = 0; e < lessons; e++) shape.add(at[k][e][1].not());
            model.addGreaterOrEqual(stuck, DifficultyRises.STUCK).onlyEnforceIf(shape.toArray(Literal[]::new));
        }
        IntVar below = amount(new DifficultyRises());
        BoolVar[] reached = highest[k][lessons - 1];
        int wanted = DifficultyRises.wanted(lessons, candidates.reach().highestDrill(skill));
        model.addGreaterOrEqual(below, difference(LinearExpr.constant(wanted), LinearExpr.sum(reached)))
                .onlyEnforceIf(reached[0]);
    }

    /** Soft: one activity twice in a row or in a lesson, and too often. */
    private void runs() {
        List<Integer> work = IntStream.range(0, x.length)
                .filter(s -> slots.get(s).options().stream().allMatch(Candidate::works))
                .boxed()
                .toList();
        Map<String, LinearExprBuilder> uses = new TreeMap<>();
        for (int i = 0; i < work.size(); i++) {
            Map<String, List<Literal>> here = byActivity(work.get(i));
            here.forEach((key, literals) -> uses.computeIfAbsent(key, k -> LinearExpr.newBuilder())
                    .add(LinearExpr.sum(literals.toArray(Literal[]::new))));
            if (i == 0) continue;
            IntVar run = amount(new NoRunOfTheSame());
            for (int e = i - 1; e >= 0; e--) {
                if (e < i - 1
                        && slots.get(work.get(e)).lesson()
                                != slots.get(work.get(i)).lesson()) break;
                byActivity(work.get(e)).forEach((key, before) -> {
                    List<Literal> now = here.get(key);
                    if (now != null)
                        model.addGreaterOrEqual(
                                LinearExpr.newBuilder().add(run).add(1),
                                LinearExpr.newBuilder()
                                        .add(LinearExpr.sum(before.toArray(Literal[]::new)))
                                        .add(LinearExpr.sum(now.toArray(Literal[]::new))));
                });
            }
        }
        if (lessons > Skeleton.IN_LESSONS) {
            for (int i = 0; i < work.size(); i++) worn(work, i);
            return;
        }
        // In so few lessons all stand in each other's way, which is one line and not one for each.
        uses.values().forEach(sum -> {
            IntVar over = model.newIntVar(0, work.size(), "over");
            model.addGreaterOrEqual(over, LinearExpr.newBuilder().add(sum).add(-Skeleton.USES));
            model.addGreaterOrEqual(amount(new NoRunOfTheSame()), LinearExpr.term(over, NoRunOfTheSame.WORN));
        });
    }

    /** A use too many: as many as are allowed stand before it in the lessons that count. */
    private void worn(List<Integer> work, int i) {
        int lesson = slots.get(work.get(i)).lesson();
        byActivity(work.get(i)).forEach((key, now) -> {
            List<Literal> before = new ArrayList<>();
            for (int e = i - 1; e >= 0 && lesson - slots.get(work.get(e)).lesson() < Skeleton.IN_LESSONS; e--)
                before.addAll(byActivity(work.get(e)).getOrDefault(key, List.of()));
            BoolVar fresh = model.newBoolVar("fresh");
            model.addLessOrEqual(LinearExpr.sum(before.toArray(Literal[]::new)), Skeleton.USES - 1)
                    .onlyEnforceIf(fresh);
            for (Literal one : now)
                model.addGreaterOrEqual(amount(new NoRunOfTheSame()), NoRunOfTheSame.WORN)
                        .onlyEnforceIf(new Literal[] {one, fresh.not()});
        });
    }

    private Map<String, List<Literal>> byActivity(int s) {
        Map<String, List<Literal>> found = new TreeMap<>();
        for (int o = 0; o < x[s].length; o++)
            found.computeIfAbsent(slots.get(s).options().get(o).activity().key(), k -> new ArrayList<>())
                    .add(x[s][o]);
        return found;
    }

    /** Soft: the shape alone once a lesson, after a skill's first only with a new cue, not after its second, and not alone in its first. */
    private void shapes() {
        for (int k = 0; k < at.length; k++) {
            int target = k;
            String skill = problem.targets().get(k).skill();
            if (candidates.reach().highest(skill) < 2) continue;
            for (int l = 0; l < lessons; l++) {
                BoolVar past = model.newBoolVar("past");
                LinearExprBuilder before = LinearExpr.newBuilder();
                for (int e = 0; e < l; e++) before.add(at[k][e][0]);
                model.addLessOrEqual(before, ShapeWorkIsShort.LESSONS - 1).onlyEnforceIf(past.not());
                List<Literal> alone = new ArrayList<>(List.of(at[k][l][0], at[k][l][1].not()));
                for (int e = 0; e < l; e++) alone.add(at[k][e][0].not());
                model.addGreaterOrEqual(amount(new ShapeWorkIsShort()), 1).onlyEnforceIf(alone.toArray(Literal[]::new));
                BoolVar begun = or(IntStream.range(0, l)
                        .mapToObj(e -> (Literal) at[target][e][0])
                        .toList());
                List<BoolVar> earlier = new ArrayList<>();
                for (int s = 0; s < x.length; s++) {
                    if (slots.get(s).lesson() != l
                            || slots.get(s).first().phases().contains(LessonPhase.PLAY)) continue;
                    List<Literal> here = new ArrayList<>();
                    for (int o = 0; o < x[s].length; o++) {
                        Candidate c = slots.get(s).options().get(o);
                        if (c.level() == 1 && skill.equals(c.activity().skill())) here.add(x[s][o]);
                    }
                    BoolVar shape = or(here);
                    IntVar late = amount(new ShapeWorkIsShort());
                    model.addGreaterOrEqual(late, 1).onlyEnforceIf(new Literal[] {shape, past});
                    LinearExprBuilder met = LinearExpr.newBuilder().add(shape).add(begun);
                    for (BoolVar cue : intro[s]) met.addTerm(cue, -1);
                    model.addGreaterOrEqual(LinearExpr.newBuilder().add(late).add(1), met);
                    IntVar again = amount(new ShapeWorkIsShort());
                    for (BoolVar e : earlier) model.addGreaterOrEqual(again, 1).onlyEnforceIf(new Literal[] {shape, e});
                    earlier.add(shape);
                }
            }
        }
    }

    /** Medium: a game asks for a cue of a drill of its lesson; what is practised is played there or in the next. */
    private void plays() {
        for (int s = 0; s < x.length; s++) {
            if (!slots.get(s).first().phases().contains(LessonPhase.PLAY)) continue;
            LinearExprBuilder used = LinearExpr.newBuilder();
            for (int q = 0; q < cues; q++) {
                List<Literal> drills = new ArrayList<>();
                for (int t = 0; t < x.length; t++)
                    if (slots.get(t).lesson() == slots.get(s).lesson()
                            && !slots.get(t).first().phases().contains(LessonPhase.PLAY)) drills.add(focus[t][q]);
                BoolVar both = model.newBoolVar("used");
                model.addImplication(both, focus[s][q]);
                model.addLessOrEqual(both, LinearExpr.sum(drills.toArray(Literal[]::new)));
                used.add(both);
            }
            model.addGreaterOrEqual(used.add(amount(new PlayUsesPractice())), where(s, Candidate::works));
        }
        for (int k = 0; k < at.length; k++) {
            String skill = problem.targets().get(k).skill();
            if (!candidates.reach().isPlayed(skill)) continue;
            for (int l = 0; l < lessons; l++) {
                int other = PlayedSoon.other(l, lessons - 1);
                List<Literal> played = new ArrayList<>(inLesson(l, skill, 1, true));
                if (other >= 0) played.addAll(inLesson(other, skill, 1, true));
                model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(LinearExpr.sum(played.toArray(Literal[]::new)))
                                .add(amount(new PlayedSoon())),
                        drilled[k][l][0]);
            }
        }
    }

    /** Soft: a warm-up that leaves cold what the lesson uses. */
    private void warms() {
        for (int l = 0; l < lessons; l++)
            for (Body body : Body.values()) {
                LinearExprBuilder warmed = LinearExpr.newBuilder().add(amount(new WarmsWhatIsUsed()));
                for (int s = 0; s < x.length; s++)
                    if (slots.get(s).lesson() == l
                            && slots.get(s).first().phases().contains(LessonPhase.WARM))
                        warmed.add(where(s, c -> WarmsWhatIsUsed.warms(c, body)));
                for (int k = 0; k < at.length; k++)
                    if (problem.knowHow()
                                    .skill(problem.targets().get(k).skill())
                                    .action()
                                    .uses()
                            == body) model.addGreaterOrEqual(warmed, at[k][l][0]);
            }
    }

    /** Soft: the last lesson brings it together, and begins nothing new. */
    private void ending() {
        if (lessons < EndsTogether.FEWEST) return;
        var ending = problem.wishes().ending();
        LinearExprBuilder together = LinearExpr.newBuilder().add(amount(new EndsTogether()));
        IntVar fresh = amount(new EndsTogether());
        for (int s = 0; s < x.length; s++) {
            if (slots.get(s).lesson() < lessons - 1) continue;
            boolean play = slots.get(s).first().phases().contains(LessonPhase.PLAY);
            for (int o = 0; o < x[s].length; o++) {
                Candidate c = slots.get(s).options().get(o);
                if (EndsTogether.isFestival(c, ending)) together.add(x[s][o]);
                if (!play || !EndsTogether.suits(c, ending)) continue;
                List<Literal> earlier = new ArrayList<>();
                for (int t = 0; t < s; t++)
                    if (slots.get(t).lesson() < lessons - 1)
                        earlier.addAll(byActivity(t).getOrDefault(c.activity().key(), List.of()));
                BoolVar known = model.newBoolVar("known");
                model.addImplication(known, x[s][o]);
                model.addLessOrEqual(known, LinearExpr.sum(earlier.toArray(Literal[]::new)));
                together.add(known);
            }
            for (int q = 0; q < cues; q++)
                if (problem.pin(candidates.targetCues().get(q)) != lessons - 1)
                    model.addGreaterOrEqual(fresh, intro[s][q]);
        }
        model.addGreaterOrEqual(together, 1);
    }

    /** Soft: what was put away comes out again. */
    private void kit() {
        for (int s = 2; s < x.length; s++) {
            int lesson = slots.get(s).lesson();
            if (slots.get(s - 2).lesson() != lesson) continue;
            for (String item : slots.get(s).options().stream()
                    .flatMap(c -> c.sent().stream())
                    .collect(Collectors.toCollection(TreeSet::new))) {
                IntVar again = amount(new KitStaysOut());
                for (int t = s - 2; t >= 0 && slots.get(t).lesson() == lesson; t--)
                    model.addGreaterOrEqual(
                            LinearExpr.newBuilder().add(again).add(1).add(where(s - 1, c -> c.sent()
                                    .contains(item))),
                            LinearExpr.newBuilder()
                                    .add(where(s, c -> c.sent().contains(item)))
                                    .add(where(t, c -> c.sent().contains(item))));
            }
        }
    }

    /** Soft: queue after queue. */
    private void queues() {
        for (int s = 1; s < x.length; s++) {
            if (slots.get(s).lesson() != slots.get(s - 1).lesson()) continue;
            model.addGreaterOrEqual(
                    LinearExpr.newBuilder().add(amount(new QueuesApart())).add(1),
                    LinearExpr.newBuilder().add(where(s, QueuesApart::queues)).add(where(s - 1, QueuesApart::queues)));
        }
    }

    /** Rules that look at nothing but the option. */
    private void candidatesAlone() {
        for (int s = 0; s < x.length; s++)
            for (int o = 0; o < x[s].length; o++) {
                Candidate c = slots.get(s).options().get(o);
                int lesson = slots.get(s).lesson();
                if (c.works()) cost(new RightChallenge(), RightChallenge.amount(c.bandPercent()), x[s][o]);
                cost(new EnoughTries(), c.works() ? EnoughTries.amount(c) : 0, x[s][o]);
                cost(new EnoughMotion(), EnoughMotion.amount(c), x[s][o]);
                cost(new LittleWaiting(), LittleWaiting.amount(c), x[s][o]);
                cost(new LivelyOrCalm(), LivelyOrCalm.amount(c, problem.wishes().tempo()), x[s][o]);
                cost(new NewOrFamiliar(), NewOrFamiliar.amount(c, problem), x[s][o]);
                cost(new OpeningsBelong(), OpeningsBelong.amount(c, problem.number(lesson) == 1), x[s][o]);
                cost(
                        new LittleChanges(),
                        LittleChanges.amount(problem, lesson, c.activity().keys()),
                        x[s][o]);
            }
    }

    /** Soft: often enough, in three lessons, with no long gap, all of them. */
    private void exposures() {
        for (int q = 0; q < cues; q++) {
            String key = candidates.targetCues().get(q);
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (BoolVar[] row : focus) sum.add(row[q]);
            int wanted = problem.state(key).exposuresWanted();
            IntVar missed = amount(new CueMetOftenEnough());
            model.addGreaterOrEqual(missed, difference(LinearExpr.term(introduced[q], wanted), sum));
            IntVar left = amount(new CueTaughtThisUnit());
            model.addGreaterOrEqual(left, difference(LinearExpr.constant(1), introduced[q]));
            met[q] = new BoolVar[lessons];
            for (int l = 0; l < lessons; l++) {
                List<Literal> any = new ArrayList<>();
                for (int s = 0; s < x.length; s++) if (slots.get(s).lesson() == l) any.add(focus[s][q]);
                met[q][l] = or(any);
            }
            if (!problem.state(key).taught()) threeLessons(q);
            for (int a = 0; a < lessons; a++) for (int b = a + 3; b < lessons; b++) gap(q, a, b);
        }
    }

    private void threeLessons(int q) {
        IntVar few = amount(new CueMetInThreeLessons());
        for (int l = 0; l < lessons; l++) {
            List<Literal> firstHere = new ArrayList<>(List.of(met[q][l]));
            for (int e = 0; e < l; e++) firstHere.add(met[q][e].not());
            int wanted = Math.min(3, lessons - l);
            model.addGreaterOrEqual(few, difference(LinearExpr.constant(wanted), LinearExpr.sum(met[q])))
                    .onlyEnforceIf(firstHere.toArray(Literal[]::new));
        }
    }

    private void gap(int q, int a, int b) {
        List<Literal> next = new ArrayList<>(List.of(met[q][a], met[q][b]));
        for (int l = a + 1; l < b; l++) next.add(met[q][l].not());
        IntVar over = amount(new NoLongGap());
        int between = b - a - 1;
        model.addGreaterOrEqual(over, between - 2).onlyEnforceIf(next.toArray(Literal[]::new));
        BoolVar early = model.newBoolVar("early");
        LinearExprBuilder in = LinearExpr.newBuilder();
        for (int l = 0; l <= a; l++) in.add(met[q][l]);
        model.addGreaterOrEqual(in, 3).onlyEnforceIf(early.not());
        next.add(early);
        model.addGreaterOrEqual(over, between - 1).onlyEnforceIf(next.toArray(Literal[]::new));
    }

    private void mediumRules() {
        int most = problem.wishes().newCues(problem.profile().age().years());
        for (int l = 0; l < lessons; l++) {
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++) if (slots.get(s).lesson() == l) sum.add(LinearExpr.sum(intro[s]));
            model.addGreaterOrEqual(
                    amount(new NewCuesWithinAge()),
                    difference(sum, LinearExpr.constant(Math.max(most, problem.pinned(l)))));
            if (l > problem.lastIntroLesson()) model.addGreaterOrEqual(amount(new EveryCueIntroducedInTime()), sum);
            order(l);
        }
        for (int s = 0; s < x.length; s++) {
            LinearArgument works = where(s, Candidate::works);
            model.addGreaterOrEqual(amount(new WorkHasACue()), difference(works, LinearExpr.sum(focus[s])));
        }
        shares();
    }

    /** Blocked or interleaved. Every lesson has work, since it has play. */
    private void order(int l) {
        LinearExprBuilder skills = LinearExpr.newBuilder();
        for (BoolVar[][] skill : at) skills.add(skill[l][0]);
        IntVar off = amount(new OrderAsWished());
        boolean blocked = OrderAsWished.blocked(problem, l);
        model.addGreaterOrEqual(
                off,
                blocked
                        ? difference(skills, LinearExpr.constant(1))
                        : difference(LinearExpr.constant(at.length), skills));
        if (l < 2 || !OrderAsWished.inTurn(problem, l)) return;
        for (BoolVar[][] skill : at) {
            IntVar back = amount(new OrderAsWished());
            for (int e = 0; e < l - 1; e++)
                model.addGreaterOrEqual(back, 1)
                        .onlyEnforceIf(new Literal[] {skill[l][0], skill[l - 1][0].not(), skill[e][0]});
        }
    }

    /** By a table over how many pieces of work a skill has; how many there are in all is given by the slots. */
    private void shares() {
        int work = (int) slots.stream()
                .filter(s -> s.options().stream().allMatch(Candidate::works))
                .count();
        if (slots.stream()
                .anyMatch(s -> s.options().stream().anyMatch(Candidate::works)
                        && !s.options().stream().allMatch(Candidate::works)))
            throw new IllegalStateException("A slot may be work or not; shares need another table.");
        for (var target : problem.targets()) {
            IntVar own = model.newIntVar(0, work, "own");
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++)
                sum.add(where(s, c -> target.skill().equals(c.activity().skill())));
            model.addEquality(own, sum);
            IntVar off = amount(new SkillsGetTheirShare());
            var table = model.addAllowedAssignments(List.of(own, off));
            for (int n = 0; n <= work; n++)
                table.addTuple(
                        new int[] {n, Math.max(0, SkillsGetTheirShare.over(n, work, problem.sharePercent(target)))});
        }
    }

    /** Soft: the same again, no harder. */
    private void returns() {
        for (int s = 0; s < x.length; s++) {
            IntVar again = amount(new NotTheSameAgain());
            for (int t = 0; t < s; t++)
                for (int o = 0; o < x[s].length; o++) {
                    Candidate c = slots.get(s).options().get(o);
                    int apart = slots.get(s).lesson() - slots.get(t).lesson();
                    int amount = NotTheSameAgain.amount(c.works(), apart);
                    for (int e = 0; amount > 0 && e < x[t].length; e++) {
                        Candidate d = slots.get(t).options().get(e);
                        if (d.activity().key().equals(c.activity().key()) && d.setting() >= c.setting())
                            model.addGreaterOrEqual(again, amount).onlyEnforceIf(new Literal[] {x[s][o], x[t][e]});
                    }
                }
        }
    }

    /** Soft: a lay-out costs its set-up unless it stands already. */
    private void layouts() {
        for (int s = 0; s < x.length; s++) {
            IntVar change = amount(new FewLayouts());
            boolean first = slots.get(s).position() == 0;
            for (int o = 0; o < x[s].length; o++) {
                Candidate c = slots.get(s).options().get(o);
                int amount = FewLayouts.amount(c.activity().setUpSeconds());
                String layout = c.activity().layout();
                if (amount == 0 || first && layout.equals("clear")) continue;
                List<Literal> without = new ArrayList<>(List.of(x[s][o]));
                for (int e = 0; !first && e < x[s - 1].length; e++)
                    if (slots.get(s - 1).options().get(e).activity().layout().equals(layout))
                        without.add(x[s - 1][e].not());
                model.addGreaterOrEqual(change, amount).onlyEnforceIf(without.toArray(Literal[]::new));
            }
        }
    }

    /** Soft: looks at a cue against children. In m minutes a teacher has 3 m - 5 looks. */
    private void looks() {
        int children = problem.profile().children();
        for (int q = 0; q < cues; q++) {
            LinearExprBuilder there = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++) {
                if (!slots.get(s).options().stream().anyMatch(Candidate::works)) continue;
                IntVar seen = model.newIntVar(0, 400, "looks");
                model.addLessOrEqual(seen, LinearExpr.affine(minutes[s], 3, -5)).onlyEnforceIf(watch[s][q]);
                model.addEquality(seen, 0).onlyEnforceIf(watch[s][q].not());
                there.add(seen);
            }
            IntVar short4 = amount(new LooksSuffice());
            // 4 (children - looks) <= children x amount, unless the cue is left over
            LinearExprBuilder lack = LinearExpr.newBuilder();
            lack.addTerm(introduced[q], 4L * children);
            lack.addTerm(there, -4);
            lack.addTerm(short4, -children);
            model.addLessOrEqual(lack, 0);
        }
    }

    private void favourites() {
        for (String favourite : new TreeSet<>(problem.wishes().favourites())) {
            LinearExprBuilder in = LinearExpr.newBuilder();
            for (int s = 0; s < x.length; s++)
                in.add(where(s, c -> c.activity().key().equals(favourite)));
            in.add(amount(new FavouritesIn()));
            model.addGreaterOrEqual(in, 1);
        }
    }

    /** Soft: steps above the easiest where something is introduced. */
    private void newAtItsEasiest() {
        for (int s = 0; s < x.length; s++) {
            IntVar over = amount(new NewAtItsEasiest());
            for (int o = 0; o < x[s].length; o++) {
                int above = NewAtItsEasiest.amount(slots.get(s).options().get(o));
                for (int q = 0; above > 0 && q < cues; q++)
                    model.addGreaterOrEqual(over, above).onlyEnforceIf(new Literal[] {x[s][o], intro[s][q]});
            }
        }
    }

    /** Hard: what a lesson takes of a body. */
    private void loads() {
        int throwing = Toll.mostOverarm(problem.profile().age());
        for (int l = 0; l < lessons; l++) {
            most(l, Toll::overarm, throwing);
            most(l, Toll::otherArm, throwing);
            most(l, Toll::pushes, Toll.MOST_PUSHES);
            most(l, Toll::landings, Toll.MOST_LANDINGS);
            most(l, t -> t.holds() - t.otherHolds(), Toll.MOST_ONE_SIDED);
            most(l, t -> t.otherHolds() - t.holds(), Toll.MOST_ONE_SIDED);
        }
    }

    /** Soft: what comes near it. */
    private void nearLoads() {
        Rule rule = new LoadHasRoom();
        int throwing = Toll.roomy(Toll.mostOverarm(problem.profile().age()));
        for (int l = 0; l < lessons; l++) {
            near(rule, l, Toll::overarm, throwing);
            near(rule, l, Toll::otherArm, throwing);
            near(rule, l, Toll::pushes, Toll.roomy(Toll.MOST_PUSHES));
            near(rule, l, Toll::landings, Toll.roomy(Toll.MOST_LANDINGS));
        }
    }

    private void near(Rule rule, int l, java.util.function.ToIntFunction<Toll> of, int roomy) {
        LinearExprBuilder above = LinearExpr.newBuilder().add(-roomy);
        for (int s = 0; s < x.length; s++)
            if (slots.get(s).lesson() == l) above.add(sum(s, c -> of.applyAsInt(c.toll())));
        model.addGreaterOrEqual(amount(rule), above);
    }

    private void most(int l, java.util.function.ToIntFunction<Toll> of, int most) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int s = 0; s < x.length; s++)
            if (slots.get(s).lesson() == l) sum.add(sum(s, c -> of.applyAsInt(c.toll())));
        model.addLessOrEqual(sum, most);
    }

    // What the rules are made of.

    private IntVar amount(Rule rule) {
        IntVar amount = model.newIntVar(0, 400, rule.key());
        objective.addTerm(amount, weight(rule));
        return amount;
    }

    private void cost(Rule rule, int amount, BoolVar when) {
        if (amount > 0) objective.addTerm(when, amount * weight(rule));
    }

    private long weight(Rule rule) {
        long weight = rule.weight(problem.wishes());
        return rule.level() == Rule.Level.MEDIUM ? weight * MEDIUM : weight;
    }

    private LinearArgument where(int s, java.util.function.Predicate<Candidate> which) {
        return sum(s, c -> which.test(c) ? 1 : 0);
    }

    private LinearArgument sum(int s, java.util.function.ToIntFunction<Candidate> of) {
        return LinearExpr.weightedSum(
                x[s], slots.get(s).options().stream().mapToLong(of::applyAsInt).toArray());
    }

    private LinearArgument upTo(int s, int q) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int t = 0; t <= s; t++) sum.add(intro[t][q]);
        return sum;
    }

    private LinearArgument before(int s, String skill, int level) {
        return LinearExpr.sum(earlier(s, skill, level).toArray(Literal[]::new));
    }

    private List<Literal> earlier(int s, String skill, int level) {
        List<Literal> found = new ArrayList<>();
        for (int t = 0; t < s; t++) found.addAll(of(t, skill, level));
        return found;
    }

    private List<Literal> inLesson(int l, String skill, int level) {
        List<Literal> found = new ArrayList<>();
        for (int s = 0; s < x.length; s++) if (slots.get(s).lesson() == l) found.addAll(of(s, skill, level));
        return found;
    }

    /** @param play true for games, false for drills */
    private List<Literal> inLesson(int l, String skill, int level, boolean play) {
        List<Literal> found = new ArrayList<>();
        for (int s = 0; s < x.length; s++)
            if (slots.get(s).lesson() == l && slots.get(s).first().phases().contains(LessonPhase.PLAY) == play)
                found.addAll(of(s, skill, level));
        return found;
    }

    private List<Literal> of(int s, String skill, int level) {
        List<Literal> found = new ArrayList<>();
        for (int o = 0; o < x[s].length; o++) {
            Candidate c = slots.get(s).options().get(o);
            if (skill.equals(c.activity().skill()) && c.level() >= level) found.add(x[s][o]);
        }
        return found;
    }

    private BoolVar or(List<? extends Literal> any) {
        BoolVar or = model.newBoolVar("or");
        if (any.isEmpty()) model.addEquality(or, 0);
        else {
            model.addBoolOr(any.toArray(Literal[]::new)).onlyEnforceIf(or);
            for (Literal one : any) model.addImplication(one, or);
        }
        return or;
    }

    private static LinearExprBuilder difference(LinearArgument a, LinearArgument b) {
        return LinearExpr.newBuilder().add(a).addTerm(b, -1);
    }

    private BoolVar[] bools(int many, String name) {
        return IntStream.range(0, many).mapToObj(i -> model.newBoolVar(name)).toArray(BoolVar[]::new);
    }

    private BoolVar[][] table(String name) {
        return IntStream.range(0, slots.size()).mapToObj(s -> bools(cues, name)).toArray(BoolVar[][]::new);
    }

    private static int first(CpSolver solver, BoolVar[] row) {
        return IntStream.range(0, row.length)
                .filter(i -> solver.booleanValue(row[i]))
                .findFirst()
                .orElseThrow();
    }

    private List<String> keys(CpSolver solver, BoolVar[] row) {
        return IntStream.range(0, row.length)
                .filter(i -> solver.booleanValue(row[i]))
                .mapToObj(candidates.targetCues()::get)
                .toList();
    }

    private static String only(List<String> keys) {
        return keys.isEmpty() ? null : keys.get(0);
    }
}
