package io.isokinet.core.nextstep;

import io.isokinet.core.lesson.Habit;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How many of the looks that are planned are really made with a class, learnt from its lessons: the usual share drawn to one's own by
 * n / (n + 5). A lesson in which nothing was recorded says nothing.
 *
 * @param planned and {@code made} looks of the lessons it is learnt from
 */
public record OwnLooks(Habit share, int planned, int made) {
    /** What is further off was a lesson that went otherwise, not a pair of eyes. */
    private static final double LEAST = 0.2;

    private static final double MOST = 2;
    /** Farther from what is counted on than that share, the sum of the looks alone would mislead. */
    private static final double OTHERWISE = 0.25;

    /**
     * A taught lesson.
     *
     * @param planned looks, zero or more
     * @param made looks that were recorded in it
     */
    public record Lesson(int planned, int made) {}

    /** Seconds of a usual look: as many to find the child as to judge it. Common practice, no source. */
    private static final double JUDGING = 5;

    private static final double FINDING = 5;

    /** Without a trained eye. */
    public static OwnLooks of(List<Lesson> lessons) {
        return of(lessons, OptionalDouble.empty());
    }

    /**
     * What a trained eye takes to judge is what is counted on before the lessons say otherwise.
     *
     * @param seconds in which it judges a child; empty where nobody knows
     */
    public static OwnLooks of(List<Lesson> lessons, OptionalDouble seconds) {
        double usual = seconds.isEmpty() ? 1 : (FINDING + JUDGING) / (FINDING + Math.max(1, seconds.getAsDouble()));
        List<Lesson> told =
                lessons.stream().filter(l -> l.planned() > 0 && l.made() > 0).toList();
        return new OwnLooks(
                Habit.of(
                        usual,
                        told.stream()
                                .map(l -> Math.min(MOST, Math.max(LEAST, l.made() / (double) l.planned())))
                                .toList()),
                told.stream().mapToInt(Lesson::planned).sum(),
                told.stream().mapToInt(Lesson::made).sum());
    }

    /** Looks to count on where so many are planned. */
    public int of(int looks) {
        return (int) Math.round(looks * share.middle());
    }

    /** What it is learnt from; empty where nothing is. */
    public String sentence() {
        if (share.seen() == 0 && share.usual() != 1)
            return "By your own rounds of the eye %d in 100 of the planned looks are counted on."
                    .formatted(Math.round(100 * share.middle()));
        if (share.seen() == 0) return "";
        boolean asUsual = Math.abs(made - planned * share.middle()) <= OTHERWISE * planned;
        return (asUsual
                        ? "%d of %d planned looks were made in the last %s: %d in 100 are counted on."
                        : "%d of %d planned looks were made in the last %s; by a usual lesson %d in 100 are counted on.")
                .formatted(
                        made,
                        planned,
                        share.seen() == 1 ? "lesson" : share.seen() + " lessons",
                        Math.round(100 * share.middle()));
    }
}
