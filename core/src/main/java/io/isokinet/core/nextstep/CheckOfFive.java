package io.isokinet.core.nextstep;

import io.isokinet.core.nextstep.WatchPlan.Cell;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A check in one sitting, for whom it is worth a minute: those who are likely to pass it and whose mark waits for looks that may never come.
 *
 * @param children at most three
 * @param pass of a hundred such checks
 */
public record CheckOfFive(String cue, List<String> children, int pass) {
    private static final int MOST = 3;
    private static final double WORTH_IT = 0.6;

    public CheckOfFive {
        children = List.copyOf(children);
    }

    /**
     * The cue in which most are likely to pass; empty for none.
     *
     * @param cells whose mark is not there yet
     * @param enough shown tries, of
     * @param of so many, make the mark
     */
    public static Optional<CheckOfFive> of(List<Cell> cells, int enough, int of) {
        Map<String, List<Likely>> byCue = new LinkedHashMap<>();
        for (Cell c : cells) {
            double passes = c.believed().looks() == 0 ? 0 : c.believed().passes(enough, of);
            if (passes >= WORTH_IT)
                byCue.computeIfAbsent(c.cue(), k -> new ArrayList<>()).add(new Likely(c.child(), passes));
        }
        return byCue.entrySet().stream()
                .map(e -> check(e.getKey(), e.getValue()))
                .max(Comparator.comparingInt((CheckOfFive c) -> c.children().size())
                        .thenComparingInt(CheckOfFive::pass));
    }

    private record Likely(String child, double passes) {}

    private static CheckOfFive check(String cue, List<Likely> likely) {
        List<Likely> best = likely.stream()
                .sorted(Comparator.comparingDouble((Likely l) -> -l.passes()).thenComparing(Likely::child))
                .limit(MOST)
                .toList();
        return new CheckOfFive(cue, best.stream().map(Likely::child).toList(), (int) Math.round(
                100 * best.stream().mapToDouble(Likely::passes).average().orElse(0)));
    }

    /** Cues of which nine in ten children are decided: enough was looked at there. */
    public static List<String> enough(List<Cell> cells) {
        Map<String, int[]> byCue = new LinkedHashMap<>();
        for (Cell c : cells) {
            int[] count = byCue.computeIfAbsent(c.cue(), k -> new int[2]);
            count[0]++;
            if (c.believed().decided()) count[1]++;
        }
        return byCue.entrySet().stream()
                .filter(e -> e.getValue()[1] * 10 >= e.getValue()[0] * 9)
                .map(Map.Entry::getKey)
                .toList();
    }
}
