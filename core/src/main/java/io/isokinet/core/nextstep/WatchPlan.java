package io.isokinet.core.nextstep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whom to watch for what, within the looks that one pair of eyes has. Looks go where they are expected to remove most doubt;
 * whoever would not be seen at all gets one first.
 *
 * @param watches in the order of the cells that were given
 * @param looks that are planned @param settled how many more cells are likely to be decided afterwards @param open how many are left
 */
public record WatchPlan(List<Watch> watches, int looks, int settled, int open, String reason) {
    /** More than so many looks at one cell in one lesson are a check, not a look in passing. */
    private static final int MOST_IN_A_LESSON = 4;

    public WatchPlan {
        watches = List.copyOf(watches);
    }

    /**
     * A child and a cue.
     *
     * @param shown and {@code notYet} are looks so far; the last five count, so a child can change
     * @param planned looks that are planned for it already, earlier in the same lesson
     */
    public record Cell(String child, String cue, int shown, int notYet, int planned) {
        public Cell(String child, String cue, int shown, int notYet) {
            this(child, cue, shown, notYet, 0);
        }

        private int all() {
            return shown + notYet + planned;
        }
    }

    /** So many looks at one child for one cue. */
    public record Watch(Cell cell, int looks) {}

    /** @param looks there are in the lesson, zero or more */
    public static WatchPlan of(List<Cell> cells, int looks) {
        int[] given = cells.stream().mapToInt(Cell::planned).toArray();
        int left = looks;
        for (String child : notSeenInTheLesson(cells)) {
            if (left == 0) break;
            given[mostDoubtful(cells, child, given)]++;
            left--;
        }
        while (left > 0) {
            int best = -1;
            double most = 1e-9;
            for (int i = 0; i < cells.size(); i++) {
                double gain = given[i] >= MOST_IN_A_LESSON ? 0 : gain(cells.get(i), given[i]);
                if (gain > most) {
                    most = gain;
                    best = i;
                }
            }
            if (best < 0) break;
            given[best]++;
            left--;
        }
        List<Watch> watches = new ArrayList<>();
        double settled = 0;
        int before = 0;
        for (int i = 0; i < cells.size(); i++) {
            Cell c = cells.get(i);
            settled += Belief.settledAfter(c.shown(), c.notYet(), given[i]);
            if (Belief.decided(c.shown(), c.notYet())) before++;
            if (given[i] > c.planned()) watches.add(new Watch(c, given[i] - c.planned()));
        }
        int planned = looks - left;
        int likely = Math.max(0, (int) Math.round(settled) - before);
        int open = cells.size() - before - likely;
        return new WatchPlan(
                watches,
                planned,
                likely,
                open,
                "%d looks: for %d of them this should decide it, %d stay open.".formatted(planned, likely, open));
    }

    /** Children that no look is planned for yet, those seen least first, so that it is never the same ones who go without. */
    private static List<String> notSeenInTheLesson(List<Cell> cells) {
        Map<String, Integer> seen = new LinkedHashMap<>();
        Set<String> planned = new HashSet<>();
        for (Cell c : cells) {
            seen.merge(c.child(), c.all(), Integer::sum);
            if (c.planned() > 0) planned.add(c.child());
        }
        return seen.keySet().stream()
                .filter(c -> !planned.contains(c))
                .sorted(Comparator.comparing(seen::get))
                .toList();
    }

    private static int mostDoubtful(List<Cell> cells, String child, int[] given) {
        int best = -1;
        for (int i = 0; i < cells.size(); i++)
            if (cells.get(i).child().equals(child)
                    && (best < 0 || gain(cells.get(i), given[i]) > gain(cells.get(best), given[best]))) best = i;
        return best;
    }

    private static double gain(Cell c, int given) {
        return Belief.doubtAfter(c.shown(), c.notYet(), given) - Belief.doubtAfter(c.shown(), c.notYet(), given + 1);
    }
}
