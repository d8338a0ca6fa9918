package io.isokinet.core.belief;

import io.isokinet.core.nextstep.WatchPlan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * A simulated class whose truth is known and is not that of the model. 27 children, two skills of four cues; two cues are new in each
 * of the first four lessons, a week apart.
 */
final class World {
    static final int CHILDREN = 27;
    static final int CUES = 8;

    /** What is true of children and cues. */
    enum Kind {
        /** A cell is hardly there or nearly always; it turns at once. */
        BIMODAL,
        /** Talents spread evenly, wide; cues alike. */
        STRONG_CHILDREN,
        /** Cues from very easy to very hard; children alike. */
        STRONG_CUES,
        /** Great jumps forward, and great falls. */
        JUMPS,
        /** The eye errs a fifth of the time. */
        POOR_EYE,
        /** A third of the class is away every other lesson, and learns nothing then. */
        ABSENT,
        /** Two observers in turn, one generous, one strict. */
        TWO_OBSERVERS
    }

    private static final BetaDistribution SELDOM = BetaDistribution.of(2, 6);
    private static final BetaDistribution OFTEN = BetaDistribution.of(9, 1.5);

    final Kind kind;
    private final Random truths;
    private final Random seen;
    private final double[][] rate = new double[CHILDREN][CUES];
    private final double[][] logit = new double[CHILDREN][CUES];
    private final List<Look> looks = new ArrayList<>();
    private final Map<String, List<Double>> practised = new HashMap<>();
    private final Map<String, Set<Double>> absent = new HashMap<>();
    private int lesson;
    private int next;

    World(Kind kind, long seed) {
        this.kind = kind;
        this.truths = new Random(seed * 7919 + kind.ordinal());
        this.seen = new Random(seed * 104_729 + kind.ordinal());
        double[] child = new double[CHILDREN];
        double[] cue = new double[CUES];
        for (int i = 0; i < CHILDREN; i++)
            child[i] = switch (kind) {
                case STRONG_CHILDREN -> 5 * truths.nextDouble() - 2.5;
                case STRONG_CUES -> 0.3 * truths.nextGaussian();
                default -> truths.nextBoolean() ? 0.9 : -0.7;
            };
        for (int c = 0; c < CUES; c++)
            cue[c] = switch (kind) {
                case STRONG_CHILDREN -> 0.2 * truths.nextGaussian();
                case STRONG_CUES -> 6 * truths.nextDouble() - 3;
                default -> 2.2 * truths.nextDouble() - 1.1;
            };
        for (int i = 0; i < CHILDREN; i++)
            for (int c = 0; c < CUES; c++)
                if (kind == Kind.BIMODAL)
                    rate[i][c] = (truths.nextDouble() < 0.45 ? OFTEN : SELDOM)
                            .inverseCumulativeProbability(truths.nextDouble());
                else logit[i][c] = 0.2 + child[i] + cue[c] + 1.2 * (truths.nextDouble() + truths.nextDouble() - 1);
    }

    double rate(int child, int cue) {
        return kind == Kind.BIMODAL ? rate[child][cue] : sigmoid(logit[child][cue]);
    }

    boolean isThere(int child, int cue) {
        return rate(child, cue) >= 0.8;
    }

    private static double sigmoid(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    /** How many cues were taught. */
    int taught() {
        return Math.min(CUES, 2 * lesson);
    }

    static String cue(int c) {
        return "cue " + c;
    }

    static String child(int i) {
        return "child " + i;
    }

    /** Cues in the order in which they are taught, the two skills in turn. */
    private static String skill(int c) {
        return c % 2 == 0 ? "roll" : "catch";
    }

    /** Begins a lesson: two more cues, and everybody who is there learns. */
    void lesson() {
        lesson++;
        for (int i = 0; i < CHILDREN; i++)
            if (kind == Kind.ABSENT && i % 3 == 0 && (lesson + i / 3) % 2 == 0)
                absent.computeIfAbsent(child(i), k -> new HashSet<>()).add(day());
        for (int c = 0; c < taught(); c++) {
            practised.computeIfAbsent(cue(c), k -> new ArrayList<>()).add(day());
            for (int i = 0; i < CHILDREN; i++) if (isHere(i)) learn(i, c);
        }
    }

    private double day() {
        return 7.0 * lesson;
    }

    boolean isHere(int child) {
        return !absent.getOrDefault(child(child), Set.of()).contains(day());
    }

    private void learn(int i, int c) {
        double chance = truths.nextDouble();
        switch (kind) {
            case BIMODAL -> {
                if (rate[i][c] < 0.6 && chance < 0.1)
                    rate[i][c] = OFTEN.inverseCumulativeProbability(truths.nextDouble());
            }
            case JUMPS -> {
                if (chance < 0.15) logit[i][c] += 2.5;
                else if (chance > 0.94) logit[i][c] -= 2.5;
            }
            default -> logit[i][c] += 0.25 + 0.2 * truths.nextDouble();
        }
    }

    /** Looks once; in a game it is harder. */
    void look(int child, int cue) {
        boolean game = seen.nextInt(3) == 0;
        double p = sigmoid(Math.log(rate(child, cue) / (1 - rate(child, cue))) - (game ? 0.7 : 0));
        double slip = kind == Kind.POOR_EYE ? 0.2 : kind == Kind.TWO_OBSERVERS && lesson % 2 == 0 ? 0.25 : 0.03;
        double missed = kind == Kind.POOR_EYE ? 0.2 : kind == Kind.TWO_OBSERVERS && lesson % 2 == 1 ? 0.25 : 0.03;
        boolean shown = seen.nextDouble() < slip + (1 - slip - missed) * p;
        looks.add(new Look(child(child), cue(cue), shown, day(), game ? 0.5 : 0, Eye.USUAL));
    }

    /** So many looks, cell after cell of what was taught. */
    void evenRound(int many) {
        for (int k = 0; k < many; k++) {
            int child;
            int cue;
            do {
                child = next / taught() % CHILDREN;
                cue = next % taught();
                next++;
            } while (!isHere(child));
            look(child, cue);
        }
    }

    /** So many looks, by the plan of whom to watch. */
    void byPlan(int many, ClassBelief belief) {
        List<WatchPlan.Cell> cells = new ArrayList<>();
        for (int i = 0; i < CHILDREN; i++)
            for (int c = 0; c < taught(); c++)
                if (isHere(i)) cells.add(new WatchPlan.Cell(child(i), cue(c), belief.of(child(i), cue(c)), 0));
        look(WatchPlan.of(belief, cells, many));
    }

    /** All that a plan asks for. */
    void look(WatchPlan plan) {
        for (WatchPlan.Watch w : plan.watches())
            for (int k = 0; k < w.looks(); k++)
                look(number(w.cell().child()), number(w.cell().cue()));
    }

    private static int number(String key) {
        return Integer.parseInt(key.substring(key.indexOf(' ') + 1));
    }

    ClassLooks known() {
        List<String> children = new ArrayList<>();
        for (int i = 0; i < CHILDREN; i++) children.add(child(i));
        List<ClassLooks.Cue> cues = new ArrayList<>();
        for (int c = 0; c < taught(); c++) cues.add(new ClassLooks.Cue(cue(c), skill(c)));
        return new ClassLooks(children, cues, looks, practised, absent, day());
    }

    /** The last looks at a cell, five at most: what the mark goes by. */
    List<Look> last(int child, int cue) {
        List<Look> own = looks.stream()
                .filter(l -> l.child().equals(child(child)) && l.cue().equals(cue(cue)))
                .toList();
        return own.subList(Math.max(0, own.size() - 5), own.size());
    }
}
