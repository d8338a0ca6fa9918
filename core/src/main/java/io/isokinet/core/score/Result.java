package io.isokinet.core.score;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What a log comes to.
 *
 * @param lines one a side, in their order
 * @param leads indices of the sides in front; several where it is a tie, none before anything was scored
 * @param next index of the side whose turn it is; -1 where the game does not say
 * @param over true if nothing more can be scored
 * @param findings contradictions, each with its numbers and what to look at
 */
public record Result(List<Line> lines, List<Integer> leads, int next, boolean over, List<String> findings) {
    /** @param points what it is ranked by @param words the points as they are told */
    public record Line(String side, long points, String words) {}

    public Result {
        lines = List.copyOf(lines);
        leads = List.copyOf(leads);
        findings = List.copyOf(findings);
    }

    /** @param more true if more is better */
    static List<Integer> best(List<Line> lines, List<Boolean> scored, boolean more) {
        long best = IntStream.range(0, lines.size())
                .filter(scored::get)
                .mapToLong(i -> more ? lines.get(i).points() : -lines.get(i).points())
                .max()
                .orElse(Long.MIN_VALUE);
        return IntStream.range(0, lines.size())
                .filter(scored::get)
                .filter(i -> (more ? lines.get(i).points() : -lines.get(i).points()) == best)
                .boxed()
                .toList();
    }
}
