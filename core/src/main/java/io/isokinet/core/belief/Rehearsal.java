package io.isokinet.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/**
 * Lessons that are still to come, held with two hundred classes like this one: each is drawn from what is believed of it, its children
 * come as often as they did, learn by the lessons in which they work on a cue, wander from week to week, and fade without practice. How
 * fast a class learns is drawn too, so that the bands hold that range.
 *
 * @param cues that are worked on, in the order of the belief
 * @param behind whom the lessons leave behind, the surest first
 * @param thin where a cue gets too few tries
 * @param owned cells that are there at the end, by class
 */
public record Rehearsal(int children, List<CueBand> cues, List<Behind> behind, List<Thin> thin, int[] owned) {
    /** Classes that are rehearsed. */
    public static final int CLASSES = 200;

    /** So many tries at a cue in one lesson are a lesson's practice of it; fewer are a share of that. Common practice, no source. */
    public static final int TRIES_OF_A_LESSON = 20;

    /** Under so many a cue was named rather than practised. Common practice, no source. */
    public static final int FEWEST_TRIES = 10;

    /** A child is left behind that has less than this share of what the lessons work on, ... */
    private static final double LITTLE = 1.0 / 3;
    /** ... in so many of the rehearsed classes, ... */
    private static final double OFTEN = 0.5;
    /** ... where the class in the middle has this share or more. */
    private static final double MOST_HAVE = 0.5;

    private static final int MOST_BEHIND = 5;
    private static final int OFTEN_THERE = 19;
    private static final int OF = 20;

    public Rehearsal {
        cues = List.copyOf(cues);
        behind = List.copyOf(behind);
        thin = List.copyOf(thin);
    }

    /**
     * Work on a cue.
     *
     * @param tries a child gets, zero or more
     */
    public record Work(String cue, int tries) {}

    /**
     * A lesson to come.
     *
     * @param key what it is known by
     * @param day in the days of the belief
     */
    public record Lesson(String key, double day, List<Work> work) {}

    /**
     * Children that own a cue.
     *
     * @param before the first of the lessons
     * @param after each of them, in their order
     */
    public record CueBand(String cue, HowMany before, List<HowMany> after) {
        /** After the last lesson. */
        public HowMany end() {
            return after.isEmpty() ? before : after.get(after.size() - 1);
        }
    }

    /** @param classes of a hundred in which it is left behind */
    public record Behind(String child, int classes) {}

    /** @param lesson by its key */
    public record Thin(String lesson, String cue, int tries) {}

    /**
     * @param lessons in order of their days; what they do not work on is not rehearsed, and so is work on a cue that is not believed of
     */
    public static Rehearsal of(ClassBelief belief, List<Lesson> lessons) {
        return of(belief, lessons, CLASSES, SEED);
    }

    private static final long SEED = 7_2026;

    static Rehearsal of(ClassBelief belief, List<Lesson> lessons, int classes, long seed) {
        ClassLooks known = belief.known();
        Set<String> worked = new HashSet<>();
        lessons.forEach(l -> l.work().forEach(w -> worked.add(w.cue())));
        List<String> cues = known.cues().stream()
                .map(ClassLooks.Cue::key)
                .filter(worked::contains)
                .toList();
        List<String> children = known.children();
        Stage stage = new Stage(belief, children, cues, lessons);
        Draws draws = belief.draws(classes, seed);
        int[][][] counts = new int[cues.size()][lessons.size() + 1][classes];
        int[] owned = new int[classes];
        int[] little = new int[children.size()];
        int[] middle = new int[classes];
        for (int k = 0; k < classes; k++) {
            int[] has = stage.hold(draws.logits()[k], draws.learning()[k], k, seed, counts);
            int[] sorted = has.clone();
            Arrays.sort(sorted);
            middle[k] = sorted.length == 0 ? 0 : sorted[sorted.length / 2];
            for (int i = 0; i < has.length; i++) {
                owned[k] += has[i];
                if (has[i] < LITTLE * cues.size()) little[i]++;
            }
        }
        List<CueBand> bands = new ArrayList<>();
        for (int c = 0; c < cues.size(); c++) {
            List<HowMany> after = new ArrayList<>();
            for (int l = 1; l <= lessons.size(); l++) after.add(HowMany.of(counts[c][l]));
            bands.add(new CueBand(cues.get(c), HowMany.of(counts[c][0]), after));
        }
        boolean mostHave = classes > 0 && HowMany.of(middle).middle() >= MOST_HAVE * cues.size() && !cues.isEmpty();
        List<Behind> behind = new ArrayList<>();
        for (int i = 0; mostHave && i < little.length; i++)
            if (little[i] >= OFTEN * classes)
                behind.add(new Behind(children.get(i), (int) Math.round(100.0 * little[i] / classes)));
        behind.sort(Comparator.comparingInt(b -> -b.classes()));
        return new Rehearsal(
                children.size(), bands, behind.stream().limit(MOST_BEHIND).toList(), thin(lessons), owned);
    }

    private static List<Thin> thin(List<Lesson> lessons) {
        List<Thin> thin = new ArrayList<>();
        for (Lesson l : lessons)
            tries(l).forEach((cue, tries) -> {
                if (tries < FEWEST_TRIES) thin.add(new Thin(l.key(), cue, tries));
            });
        return thin;
    }

    private static Map<String, Integer> tries(Lesson lesson) {
        Map<String, Integer> tries = new LinkedHashMap<>();
        lesson.work().forEach(w -> tries.merge(w.cue(), w.tries(), Integer::sum));
        return tries;
    }

    /** Everything that stays the same from class to class. */
    private static final class Stage {
        private final Priors priors;
        private final double start;
        private final int[][] at;
        private final double[] comes;
        private final List<Map<String, Integer>> tries;
        private final List<Lesson> lessons;
        private final List<String> cues;
        private final double[][] lessonsBefore;
        private final double[][] idleBefore;

        Stage(ClassBelief belief, List<String> children, List<String> cues, List<Lesson> lessons) {
            this.lessons = lessons;
            this.cues = cues;
            priors = belief.priors();
            ClassLooks known = belief.known();
            start = known.today();
            at = new int[children.size()][cues.size()];
            lessonsBefore = new double[children.size()][cues.size()];
            idleBefore = new double[children.size()][cues.size()];
            comes = new double[children.size()];
            Set<Double> days = new HashSet<>();
            known.practised().values().forEach(days::addAll);
            for (int i = 0; i < at.length; i++) {
                String child = children.get(i);
                int away = (int) known.absent().getOrDefault(child, Set.of()).stream()
                        .filter(days::contains)
                        .count();
                comes[i] = (days.size() - away + OFTEN_THERE) / (double) (days.size() + OF);
                for (int c = 0; c < cues.size(); c++) {
                    at[i][c] = belief.index(child, cues.get(c));
                    lessonsBefore[i][c] = known.lessons(child, cues.get(c), start + 1);
                    idleBefore[i][c] = known.idleWeeks(child, cues.get(c), start);
                }
            }
            tries = lessons.stream().map(Rehearsal::tries).toList();
        }

        /** @return by child, how many of the cues are there at the end */
        int[] hold(double[] now, double learning, int k, long seed, int[][][] counts) {
            int children = at.length;
            double[][] logit = new double[children][cues.size()];
            double[][] practice = new double[children][cues.size()];
            double[][] idle = new double[children][cues.size()];
            for (int i = 0; i < children; i++)
                for (int c = 0; c < cues.size(); c++) {
                    logit[i][c] = now[at[i][c]];
                    practice[i][c] = lessonsBefore[i][c];
                    idle[i][c] = idleBefore[i][c];
                    if (logit[i][c] >= Believed.THERE) counts[c][0][k]++;
                }
            double day = start;
            for (int l = 0; l < lessons.size(); l++) {
                // Each lesson has its own, so that two plans meet the same luck.
                Random random = new Random(seed + 1_000_003L * k + 7919L * l);
                double weeks = Math.max(0, lessons.get(l).day() - day) / 7;
                day = Math.max(day, lessons.get(l).day());
                double wander = Math.sqrt(priors.drift() * weeks);
                for (int i = 0; i < children; i++) {
                    boolean here = random.nextDouble() < comes[i];
                    for (int c = 0; c < cues.size(); c++) {
                        logit[i][c] += wander * random.nextGaussian();
                        boolean begun = practice[i][c] > 0;
                        if (begun) {
                            logit[i][c] -= priors.fade()
                                    * (Math.max(0, idle[i][c] + weeks - Priors.IDLE_WEEKS)
                                            - Math.max(0, idle[i][c] - Priors.IDLE_WEEKS));
                            idle[i][c] += weeks;
                        }
                        int worked = tries.get(l).getOrDefault(cues.get(c), 0);
                        if (here && worked > 0) {
                            double more = practice[i][c] + Math.min(1, worked / (double) TRIES_OF_A_LESSON);
                            logit[i][c] += learning * (priors.practice(more) - priors.practice(practice[i][c]));
                            practice[i][c] = more;
                            idle[i][c] = 0;
                        }
                        if (logit[i][c] >= Believed.THERE) counts[c][l + 1][k]++;
                    }
                }
            }
            int[] has = new int[children];
            for (int i = 0; i < children; i++)
                for (int c = 0; c < cues.size(); c++) if (logit[i][c] >= Believed.THERE) has[i]++;
            return has;
        }
    }

    /**
     * Beside another one of the same class.
     *
     * @param more cells that are there at the end of this one and not of the other; below zero where it leaves fewer
     * @param better of a hundred classes in which this one leaves more there
     */
    public record Beside(HowMany more, int better) {
        /** Less than that of a hundred either way is luck. */
        private static final int CLEARLY = 65;

        /** Whether one of the two leaves clearly more there. */
        public boolean isClear() {
            return isBetter() || better <= 100 - CLEARLY && more.middle() < 0;
        }

        private boolean isBetter() {
            return better >= CLEARLY && more.middle() > 0;
        }

        /** In a sentence. */
        public String sentence() {
            int size = Math.abs(more.middle());
            String much = size == 1 ? "1 mark" : size + " marks";
            if (!isClear()) return "As good as the other for what the children have at the end.";
            return isBetter()
                    ? "Better in %d of 100 rehearsed classes: about %s more there at the end.".formatted(better, much)
                    : "Worse in %d of 100 rehearsed classes: about %s fewer there at the end."
                            .formatted(100 - better, much);
        }
    }

    /** @throws IllegalArgumentException if the other one was rehearsed with another number of classes */
    public Beside beside(Rehearsal other) {
        if (owned.length != other.owned.length)
            throw new IllegalArgumentException("Both must be rehearsed with as many classes; %d and %d were given."
                    .formatted(owned.length, other.owned.length));
        int[] more = new int[owned.length];
        double better = 0;
        for (int k = 0; k < more.length; k++) {
            more[k] = owned[k] - other.owned[k];
            better += more[k] > 0 ? 1 : more[k] == 0 ? 0.5 : 0;
        }
        int percent = (int) Math.round(100 * better / Math.max(1, more.length));
        return new Beside(HowMany.of(more), percent);
    }
}
