package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Fewest throws to each target; whoever lies farthest plays next. Each thing that is scored is one throw: the first number is
 * how far it lies from the target now, in centimetres, 0 where it was reached.
 *
 * @param targets to reach one after the other, 1 to 18
 */
public record FewestThrows(int targets) implements Game {
    public FewestThrows {
        if (targets < 1 || targets > 18)
            throw new IllegalArgumentException("A round has 1 to 18 targets, not %d.".formatted(targets));
    }

    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(
                targets,
                "sum",
                "One box a target: throws until it was reached. The farthest throws next. The fewest is best.");
    }

    @Override
    public String name() {
        return "fewest throws";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> played = new ArrayList<>();
        List<String> findings = new ArrayList<>();
        int lowest = Integer.MAX_VALUE;
        int[] reached = new int[sides.size()];
        int[] lies = new int[sides.size()];
        for (int i = 0; i < sides.size(); i++) {
            List<Integer> throwsOf = Game.first(bySide.get(i));
            for (int d : throwsOf) if (d == 0) reached[i]++;
            lies[i] = throwsOf.isEmpty() || throwsOf.get(throwsOf.size() - 1) == 0
                    ? Integer.MAX_VALUE
                    : throwsOf.get(throwsOf.size() - 1);
            if (reached[i] > targets)
                findings.add("%s has reached %d targets; there are %d.".formatted(sides.get(i), reached[i], targets));
            lowest = Math.min(lowest, reached[i]);
            played.add(!throwsOf.isEmpty());
            lines.add(new Result.Line(
                    sides.get(i),
                    throwsOf.size(),
                    "%d throws, %d of %d targets".formatted(throwsOf.size(), Math.min(reached[i], targets), targets)));
        }
        boolean over = lowest >= targets;
        // Among those who are on the same target; who has not thrown at it yet lies farthest.
        int next = -1;
        for (int i = 0; i < sides.size() && !over; i++)
            if (reached[i] == lowest && (next < 0 || lies[i] > lies[next])) next = i;
        return new Result(lines, over ? Result.best(lines, played, false) : List.of(), next, over, findings);
    }
}
