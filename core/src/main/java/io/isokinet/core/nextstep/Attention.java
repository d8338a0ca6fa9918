package io.isokinet.core.nextstep;

import java.util.Comparator;
import java.util.List;

/**
 * Who was looked at, corrected and chosen to show, beside the middle of the class. For the teacher alone.
 *
 * @param middle looks of the child in the middle @param overlooked those with at most half of that, fewest first
 */
public record Attention(double middle, List<String> overlooked) {
    private static final int FEWEST_TO_SAY = 2;

    public Attention {
        overlooked = List.copyOf(overlooked);
    }

    /** @param corrections looks with a fault, and notes @param shown how often it showed something to the others */
    public record LookCount(String child, int looks, int corrections, int shown) {}

    /** Where the middle is under two looks, nobody stands out. */
    public static Attention of(List<LookCount> children) {
        List<LookCount> sorted = children.stream()
                .sorted(Comparator.comparingInt(LookCount::looks).thenComparing(LookCount::child))
                .toList();
        if (sorted.isEmpty()) return new Attention(0, List.of());
        int n = sorted.size();
        double middle = (sorted.get((n - 1) / 2).looks() + sorted.get(n / 2).looks()) / 2.0;
        if (middle < FEWEST_TO_SAY) return new Attention(middle, List.of());
        return new Attention(
                middle,
                sorted.stream()
                        .filter(c -> c.looks() * 2 <= middle)
                        .map(LookCount::child)
                        .toList());
    }
}
