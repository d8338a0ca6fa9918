package io.isokinet.planner;

import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Measures the planner and prints tables; {@code bin/bench planner}. */
final class PlannerBench {
    private static final UnitPlanner PLANNER = new TimefoldPlanner();

    private PlannerBench() {}

    public static void main(String[] args) {
        Map<String, Runnable> tables = new LinkedHashMap<>();
        tables.put("speed", PlannerBench::speed);
        tables.put("growth", PlannerBench::growth);
        tables.put("legality", PlannerBench::legality);
        tables.put("rules", PlannerBench::againstBuilding);
        tables.put("runs", PlannerBench::longRuns);
        tables.put("bound", PlannerBench::bound);
        List<String> wanted = args.length == 0 ? List.copyOf(tables.keySet()) : List.of(args);
        for (int i = 0; i < 3; i++) plan(Instances.usual(4), TimefoldPlanner.USUAL_EFFORT);
        tables.put("units", PlannerBench::read);
        for (String name : wanted) tables.get(name).run();
    }

    private static Outcome plan(UnitProblem problem, int effort) {
        return PLANNER.plan(problem, Instances.ids(), effort);
    }

    /** Five units of different age, place and kit, to be read as a teacher would. */
    private static void read() {
        for (int seed = 0; seed < 5; seed++) {
            UnitProblem p = Instances.large(seed, 4);
            System.out.printf(
                    "%n== %d children aged %s, %d min in %s: %s, %s, %s%n",
                    p.profile().children(),
                    p.profile().age().years(),
                    p.lessons().get(0).minutes(),
                    p.lessons().get(0).place().name(),
                    p.targets(),
                    p.wishes().order(),
                    p.wishes().tempo());
            Outcome outcome = plan(p, TimefoldPlanner.USUAL_EFFORT);
            if (!(outcome instanceof Outcome.Planned found)) {
                System.out.println(outcome);
                continue;
            }
            for (Segment s : found.plan().all())
                System.out.printf(
                        "%d  %2d min %-28s rung %d %-26s %s new %s cues %s, %d tries, %s%n",
                        s.lesson() + 1,
                        s.minutes(),
                        s.activity().name(),
                        s.level(),
                        s.activity().levers().isEmpty()
                                ? ""
                                : s.activity().levers().get(0).steps().get(s.setting()),
                        s.candidate().bandPercent() < 0 ? "" : s.candidate().bandPercent() + " % in band",
                        s.introduces(),
                        s.focus(),
                        s.tries(),
                        s.fit() instanceof io.isokinet.core.lesson.Fit.Works w ? w.formation() : "does not fit");
            System.out.println(found.score());
            Rules.strains(found.plan()).forEach(s -> System.out.println("   " + s.cost() + " " + s.sentence()));
        }
    }

    private static void speed() {
        System.out.println(
                "| lessons of 40 min, 2 skills | first plan ms | final ms | evaluations | one us | its share of a plan |");
        System.out.println("|---|---|---|---|---|---|");
        for (int lessons : new int[] {2, 4, 8, 16}) {
            UnitProblem problem = Instances.usual(lessons);
            long[] first = {0};
            long start = System.nanoTime();
            Outcome.Planned found = (Outcome.Planned)
                    PLANNER.plan(problem, Instances.ids(), TimefoldPlanner.USUAL_EFFORT, new UnitPlanner.Watcher() {
                        @Override
                        public void better(Plan best, Score score, long evaluations) {
                            if (first[0] == 0) first[0] = System.nanoTime();
                        }

                        @Override
                        public boolean cancelled() {
                            return false;
                        }
                    });
            long all = System.nanoTime() - start;
            Candidates candidates = new Candidates(problem);
            List<List<Choice>> open = found.plan().lessons().stream()
                    .map(l -> l.stream().map(Choice::open).toList())
                    .toList();
            int times = 3000;
            for (int i = 0; i < times; i++) Rules.score(Reading.of(problem, candidates, open));
            long from = System.nanoTime();
            for (int i = 0; i < times; i++) Rules.score(Reading.of(problem, candidates, open));
            long one = (System.nanoTime() - from) / times;
            System.out.printf(
                    "| %d | %d | %d | %d | %d | 1/%d |%n",
                    lessons,
                    (first[0] - start) / 1_000_000,
                    all / 1_000_000,
                    found.evaluations(),
                    one / 1000,
                    all / one);
        }
    }

    /** More know-how, the same unit: each activity once more under other keys. */
    private static void growth() {
        System.out.println("| activities known | final ms, 8 lessons |");
        System.out.println("|---|---|");
        for (int times : new int[] {1, 2, 5}) {
            UnitProblem problem = Instances.usual(8, times);
            long start = System.nanoTime();
            plan(problem, TimefoldPlanner.USUAL_EFFORT);
            System.out.printf(
                    "| %d | %d |%n", problem.knowHow().activities().size(), (System.nanoTime() - start) / 1_000_000);
        }
    }

    private static void legality() {
        System.out.println("| lessons | seeded units | certified impossible | planned | of them legal |");
        System.out.println("|---|---|---|---|---|");
        for (int lessons : new int[] {4, 8, 16}) {
            int impossible = 0;
            int planned = 0;
            int legal = 0;
            for (int seed = 0; seed < 100; seed++) {
                Outcome outcome = plan(Instances.large(seed, lessons), 4000);
                if (outcome instanceof Outcome.Impossible) impossible++;
                else {
                    planned++;
                    if (((Outcome.Planned) outcome).score().hard() == 0) legal++;
                }
            }
            System.out.printf("| %d | 100 | %d | %d | %d |%n", lessons, impossible, planned, legal);
        }
    }

    /** Against building and climbing alone with the same effort: cost by rule, summed over units. */
    private static void againstBuilding() {
        Map<Rule, long[]> costs = new LinkedHashMap<>();
        for (int lessons : new int[] {4, 8})
            for (int seed = 0; seed < 6; seed++) {
                UnitProblem problem = Instances.large(seed, lessons);
                if (!(plan(problem, TimefoldPlanner.USUAL_EFFORT) instanceof Outcome.Planned found)) continue;
                Outcome.Planned built = (Outcome.Planned)
                        new ConstructivePlanner().plan(problem, Instances.ids(), TimefoldPlanner.USUAL_EFFORT);
                for (Rule rule : Rules.all()) {
                    long[] sums = costs.computeIfAbsent(rule, r -> new long[2]);
                    sums[0] += Strain.cost(rule, built.plan());
                    sums[1] += Strain.cost(rule, found.plan());
                }
            }
        System.out.println("| rule, 12 units of 4 and 8 lessons | built | searched |");
        System.out.println("|---|---|---|");
        costs.forEach((rule, sums) -> {
            if (sums[0] + sums[1] > 0) System.out.printf("| %s | %d | %d |%n", rule.name(), sums[0], sums[1]);
        });
    }

    /** How much effort it takes to come within one missed exposure of the best of ten long runs. */
    private static void longRuns() {
        UnitProblem problem = Instances.usual(8);
        long best = Long.MAX_VALUE;
        for (int i = 0; i < 10; i++)
            best = Math.min(
                    best,
                    ((Outcome.Planned) plan(problem, 60_000 + 1000 * i)).score().soft());
        List<String> told = new ArrayList<>();
        for (int effort : new int[] {2500, 5000, 10_000, 20_000, 40_000})
            told.add("%d: %d"
                    .formatted(
                            effort,
                            ((Outcome.Planned) plan(problem, effort)).score().soft()));
        System.out.println("| 8 lessons: best of ten long runs | soft cost by evaluations |");
        System.out.println("|---|---|");
        System.out.printf("| %d | %s |%n", best, String.join(", ", told));
    }

    /** Larger units against the best bound that the exact model proves in twenty seconds. */
    private static void bound() {
        System.out.println("| larger units | planner | exact model | its bound |");
        System.out.println("|---|---|---|---|");
        for (int seed = 0; seed < 4; seed++) {
            UnitProblem problem = Instances.middling(seed);
            Candidates candidates = new Candidates(problem);
            Frame frame = new Frame(problem, candidates, Instances.ids());
            if (!frame.certificates().isEmpty()) continue;
            Outcome.Planned found = (Outcome.Planned) plan(problem, TimefoldPlanner.USUAL_EFFORT);
            ExactModel.Solved exact = new ExactModel(problem, candidates, frame).solve(20);
            System.out.printf(
                    "| 7 lessons, %d activities | %d | %d%s | %d |%n",
                    problem.knowHow().activities().size(),
                    found.score().soft(),
                    exact.score().soft(),
                    exact.proved() ? ", proved" : "",
                    ExactModel.score(exact.bound()).soft());
        }
    }
}
