package io.isokinet.core.belief;

import io.isokinet.core.belief.World.Kind;
import io.isokinet.core.nextstep.CellAlone;
import io.isokinet.core.nextstep.WatchPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What is believed of simulated classes, beside cells judged alone; main prints the tables for docs/figures.md. */
final class BeliefBench {
    private static final int LESSONS = 6;
    private static final int HALF = 3;

    private BeliefBench() {}

    /** A world after its third and its last lesson: cells judged alone, and jointly. */
    static final class Result {
        final Score alone = new Score();
        final Score joint = new Score();
    }

    /** Classes of a school, whose priors are fitted together. */
    private static final int SCHOOL = 12;

    /** @param planned true for looks by the plan, false for an even round */
    static Result run(Kind kind, int perLesson, int seeds, int firstSeed, boolean planned) {
        Result result = new Result();
        for (int seed = firstSeed; seed < firstSeed + seeds; seed += SCHOOL) {
            List<World> school = new ArrayList<>();
            for (int s = seed; s < Math.min(seed + SCHOOL, firstSeed + seeds); s++) school.add(new World(kind, s));
            Priors priors = Priors.USUAL;
            for (int lesson = 1; lesson <= LESSONS; lesson++) {
                for (World world : school) {
                    world.lesson();
                    if (planned) world.byPlan(perLesson, ClassBelief.of(world.known(), priors));
                    else world.evenRound(perLesson);
                }
                if (lesson != HALF && lesson != LESSONS) continue;
                priors = Fitting.fit(school.stream().map(World::known).toList(), Priors.USUAL);
                for (World world : school) score(world, ClassBelief.of(world.known(), priors), result);
            }
        }
        return result;
    }

    private static void score(World world, ClassBelief belief, Result result) {
        for (int i = 0; i < World.CHILDREN; i++)
            for (int c = 0; c < world.taught(); c++) {
                List<Look> last = world.last(i, c);
                int shown = (int) last.stream().filter(Look::shown).count();
                result.alone.add(CellAlone.there(shown, last.size() - shown), world.isThere(i, c));
                result.joint.add(belief.of(World.child(i), World.cue(c)).there(), world.isThere(i, c));
            }
    }

    /**
     * What lessons of 60 looks were foretold to settle and to open again, beside what came of it.
     *
     * @param settled foretold and {@code opened} again; {@code reallySettled} and {@code reallyOpened}: what came
     */
    record Foretold(int settled, int reallySettled, int opened, int reallyOpened) {
        Foretold plus(Foretold o) {
            return new Foretold(
                    settled + o.settled,
                    reallySettled + o.reallySettled,
                    opened + o.opened,
                    reallyOpened + o.reallyOpened);
        }
    }

    /** The second to the sixth lesson of some classes, the plan made on the evening before and followed. */
    static Foretold foretold(Kind kind, int seeds, int firstSeed) {
        Foretold all = new Foretold(0, 0, 0, 0);
        for (int seed = firstSeed; seed < firstSeed + seeds; seed++) {
            World world = new World(kind, seed);
            world.lesson();
            world.evenRound(60);
            for (int lesson = 2; lesson <= LESSONS; lesson++) all = all.plus(foretold(world));
        }
        return all;
    }

    private static Foretold foretold(World world) {
        ClassBelief evening = ClassBelief.of(world.known(), Priors.USUAL);
        Set<String> cues =
                evening.known().cues().stream().map(ClassLooks.Cue::key).collect(Collectors.toSet());
        world.lesson();
        ClassBelief soon = evening.inLesson(world.known().today(), cues);
        WatchPlan plan = WatchPlan.of(soon, cells(world, evening), 60);
        world.look(plan);
        WatchPlan.Came came =
                WatchPlan.Came.of(cells(world, evening), cells(world, ClassBelief.of(world.known(), Priors.USUAL)));
        return new Foretold(plan.settled(), came.settled(), plan.again(), came.again());
    }

    private static List<WatchPlan.Cell> cells(World world, ClassBelief belief) {
        List<WatchPlan.Cell> cells = new ArrayList<>();
        for (int i = 0; i < World.CHILDREN; i++)
            for (ClassLooks.Cue cue : belief.known().cues())
                if (world.isHere(i))
                    cells.add(new WatchPlan.Cell(World.child(i), cue.key(), belief.of(World.child(i), cue.key()), 0));
        return cells;
    }

    /** Three sets of classes, on which nothing was chosen: what is believed was settled before they were looked at. */
    private static final int[] FRESH = {2001, 2101, 2201};

    private static final int A_SET = 96;

    /** Arguments: how many seeds and the first of them, for the first table; the tenths are those of the fresh sets together. */
    public static void main(String[] arguments) {
        int seeds = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 24;
        int first = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 1;
        printBrier(Kind.values(), seeds, first);
        printForetold(Kind.values(), seeds, first);
        printTenths(Kind.values());
    }

    private static void printForetold(Kind[] kinds, int seeds, int first) {
        System.out.println("| world | settled: foretold | came | open again: foretold | came |");
        System.out.println("|---|---|---|---|---|");
        Foretold all = new Foretold(0, 0, 0, 0);
        for (int k = 0; k < kinds.length; k++) {
            Foretold f = foretold(kinds[k], seeds, first);
            all = all.plus(f);
            print(names(kinds).get(k), f);
        }
        print("all", all);
        System.out.println();
    }

    private static void print(String world, Foretold f) {
        System.out.printf(
                "| %s | %d | %d | %d | %d |%n", world, f.settled(), f.reallySettled(), f.opened(), f.reallyOpened());
    }

    private static void printBrier(Kind[] kinds, int seeds, int first) {
        System.out.println("| world | alone, 60 looks | jointly, 60 | 45 | 40 | 60 by the plan |");
        System.out.println("|---|---|---|---|---|---|");
        Score[][] scores = new Score[kinds.length][];
        for (int k = 0; k < kinds.length; k++) {
            Result all = run(kinds[k], 60, seeds, first, false);
            scores[k] = new Score[] {
                all.alone,
                all.joint,
                run(kinds[k], 45, seeds, first, false).joint,
                run(kinds[k], 40, seeds, first, false).joint,
                run(kinds[k], 60, seeds, first, true).joint
            };
            line(kinds[k].name().toLowerCase(Locale.ROOT).replace('_', ' '), scores[k]);
        }
        StringBuilder mean = new StringBuilder("| mean |");
        for (int column = 0; column < 5; column++) {
            double right = 0;
            double brier = 0;
            for (Score[] row : scores) {
                right += row[column].right() / kinds.length;
                brier += row[column].brier() / kinds.length;
            }
            mean.append(" %.3f, %.3f |".formatted(right, brier));
        }
        System.out.println(mean);
        System.out.println();
    }

    private static void printTenths(Kind[] kinds) {
        Score[] joint = new Score[kinds.length];
        for (int k = 0; k < kinds.length; k++) {
            joint[k] = new Score();
            for (int first : FRESH) joint[k].add(run(kinds[k], 60, A_SET, first, false).joint);
        }
        System.out.println("| said (tenths) | " + String.join(" | ", names(kinds)) + " |");
        System.out.println("|---" + "|---".repeat(kinds.length) + "|");
        StringBuilder most = new StringBuilder("| most that is off |");
        double[] off = new double[kinds.length];
        for (int t = 0; t < 10; t++) {
            StringBuilder row = new StringBuilder("| 0.%d to %.1f |".formatted(t, (t + 1) / 10.0));
            for (int k = 0; k < kinds.length; k++) {
                Score s = joint[k];
                if (s.cells[t] >= 100) off[k] = Math.max(off[k], Math.abs(s.off(t)));
                row.append(
                        s.cells[t] < 100
                                ? " – |"
                                : " %.2f of %d |".formatted(s.there[t] / (double) s.cells[t], s.cells[t]));
            }
            System.out.println(row);
        }
        for (double o : off) most.append(" %.3f |".formatted(o));
        System.out.println(most);
    }

    private static List<String> names(Kind[] kinds) {
        return java.util.Arrays.stream(kinds)
                .map(k -> k.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .toList();
    }

    private static void line(String name, Score[] scores) {
        StringBuilder line = new StringBuilder("| " + name + " |");
        for (Score s : scores) line.append(String.format(Locale.ROOT, " %.3f, %.3f |", s.right(), s.brier()));
        System.out.println(line);
    }
}
