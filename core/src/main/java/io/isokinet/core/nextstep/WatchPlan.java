package io.isokinet.core.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.LookPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whom to watch for what, within the looks that one pair of eyes has. Looks go where they are expected to make most decisions about
 * the class surer; whoever would not be seen at all gets one first.
 *
 * @param watches in the order of the cells that were given
 * @param looks that are planned @param settled how many of those that are open are likely to be decided afterwards
 * @param open how many are left @param again how many that are decided are likely to be open again, by what is practised meanwhile
 * @param better whether it is expected to tell clearly more than looking round evenly
 */
public record WatchPlan(
        List<Watch> watches, int looks, int settled, int open, int again, boolean better, String reason) {
    /** More than so many looks at one cell in one lesson are a check, not a look in passing. */
    private static final int MOST_IN_A_LESSON = 4;

    private static final double WORTH_NOTHING = 1e-9;

    /** What it is expected to tell, beside an even round, to be worth walking for. Common practice. */
    private static final double CLEARLY = 1.1;

    public WatchPlan {
        watches = List.copyOf(watches);
    }

    /**
     * A child and a cue.
     *
     * @param believed of it
     * @param planned looks that are planned for it already, earlier in the same lesson
     */
    public record Cell(String child, String cue, Believed believed, int planned) {
        private int all() {
            return believed.looks() + planned;
        }
    }

    /** So many looks at one child for one cue. */
    public record Watch(Cell cell, int looks) {}

    /**
     * What came of cells.
     *
     * @param settled those that were open and are decided @param again those that were decided and are open
     */
    public record Came(int settled, int again) {
        /** @param before and {@code after}: cells as they were believed; who came or went meanwhile is left out */
        public static Came of(List<Cell> before, List<Cell> after) {
            Map<List<String>, Boolean> were = new HashMap<>();
            for (Cell c : before)
                were.put(List.of(c.child(), c.cue()), c.believed().decided());
            int settled = 0;
            int again = 0;
            for (Cell c : after) {
                Boolean was = were.get(List.of(c.child(), c.cue()));
                if (was == null || was == c.believed().decided()) continue;
                if (was) again++;
                else settled++;
            }
            return new Came(settled, again);
        }
    }

    /**
     * @param belief of the class that the cells are of, in the lesson
     * @param cells with what is believed of them before it
     * @param looks there are in the lesson, zero or more
     */
    public static WatchPlan of(ClassBelief belief, List<Cell> cells, int looks) {
        LookPlan plan = LookPlan.of(
                belief,
                cells.stream().map(Cell::child).toList(),
                cells.stream().map(Cell::cue).toList());
        int[] given = new int[cells.size()];
        for (int i = 0; i < given.length; i++)
            for (int k = 0; k < cells.get(i).planned(); k++) {
                plan.take(i);
                given[i]++;
            }
        int left = looks;
        double told = 0;
        for (String child : notSeenInTheLesson(cells)) {
            if (left == 0) break;
            int first = bestOf(cells, child, plan);
            told += plan.worth(first);
            plan.take(first);
            given[first]++;
            left--;
        }
        while (left > 0) {
            int best = -1;
            double most = WORTH_NOTHING;
            for (int i = 0; i < given.length; i++) {
                double worth = given[i] >= MOST_IN_A_LESSON ? 0 : plan.worth(i);
                if (worth > most) {
                    most = worth;
                    best = i;
                }
            }
            if (best < 0) break;
            told += most;
            plan.take(best);
            given[best]++;
            left--;
        }
        List<Watch> watches = new ArrayList<>();
        double decided = 0;
        double opened = 0;
        int before = 0;
        for (int i = 0; i < given.length; i++) {
            Cell c = cells.get(i);
            // What nobody looks at is decided of nobody, whatever the others tell.
            double chance = given[i] > 0 || c.believed().looks() > 0 ? plan.decided(i) : 0;
            if (c.believed().decided()) {
                before++;
                opened += 1 - chance;
            } else decided += chance;
            if (given[i] > c.planned()) watches.add(new Watch(c, given[i] - c.planned()));
        }
        int planned = looks - left;
        int likely = (int) Math.round(decided);
        int open = cells.size() - before - likely;
        int again = (int) Math.round(opened);
        boolean better = told > CLEARLY * evenly(belief, cells, planned);
        return new WatchPlan(
                watches,
                planned,
                likely,
                open,
                again,
                better,
                "%d looks: for %d of them this should decide it, %d stay open.".formatted(planned, likely, open)
                        + (better || planned == 0 ? "" : EVEN));
    }

    /** Of a whole lesson: what of all that is settled may be open again, in a sentence; empty for nothing. */
    public String mayOpen() {
        return again == 0
                ? ""
                : "%d that %s settled may be open again, since they practise meanwhile."
                        .formatted(again, again == 1 ? "is" : "are");
    }

    private static final String EVEN =
            " Looking round evenly would tell as much: begin with whoever is easiest to see.";

    /** What as many looks tell that go to whoever was looked at least. */
    private static double evenly(ClassBelief belief, List<Cell> cells, int looks) {
        LookPlan plan = LookPlan.of(
                belief,
                cells.stream().map(Cell::child).toList(),
                cells.stream().map(Cell::cue).toList());
        int[] seen = cells.stream().mapToInt(Cell::all).toArray();
        for (int i = 0; i < seen.length; i++) for (int k = 0; k < cells.get(i).planned(); k++) plan.take(i);
        double told = 0;
        for (int n = 0; n < looks && seen.length > 0; n++) {
            int least = 0;
            for (int i = 1; i < seen.length; i++) if (seen[i] < seen[least]) least = i;
            told += plan.worth(least);
            plan.take(least);
            seen[least]++;
        }
        return told;
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

    private static int bestOf(List<Cell> cells, String child, LookPlan plan) {
        int best = -1;
        for (int i = 0; i < cells.size(); i++)
            if (cells.get(i).child().equals(child) && (best < 0 || plan.worth(i) > plan.worth(best))) best = i;
        return best;
    }
}
