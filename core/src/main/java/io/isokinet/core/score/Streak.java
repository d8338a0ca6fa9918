package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * The longest run without a miss, alone, as a pair, or all together towards a number. The first number is how many came in a row
 * before a miss or before it was written down; a second number of 1 says that a miss ended it.
 *
 * @param goal what all sides together try to reach, counting every success; 0 for no common goal
 */
public record Streak(int goal) implements Game {
    @Override
    public ScoreCard card() {
        return goal == 0
                ? ScoreCard.numbered(6, "longest", "One box a run without a miss: how many in a row.")
                : ScoreCard.numbered(10, "sum", "Count on to %d together: what each turn added.".formatted(goal));
    }

    @Override
    public String name() {
        return goal == 0 ? "longest streak" : "together to " + goal;
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> played = new ArrayList<>();
        long together = 0;
        for (int i = 0; i < sides.size(); i++) {
            long longest = 0;
            long run = 0;
            long sum = 0;
            for (Scored s : bySide.get(i)) {
                run += s.numbers().get(0);
                sum += s.numbers().get(0);
                longest = Math.max(longest, run);
                if (s.numbers().size() > 1 && s.numbers().get(1) > 0) run = 0;
            }
            together += sum;
            played.add(!bySide.get(i).isEmpty());
            lines.add(new Result.Line(
                    sides.get(i),
                    goal == 0 ? longest : sum,
                    goal == 0 ? "%d in a row, %d now".formatted(longest, run) : "%d of it".formatted(sum)));
        }
        boolean over = goal > 0 && together >= goal;
        List<String> told = goal == 0
                ? List.of()
                : List.of(
                        over
                                ? "Together %d: the goal of %d is reached.".formatted(together, goal)
                                : "Together %d of %d.".formatted(together, goal));
        return new Result(lines, goal == 0 ? Result.best(lines, played, true) : List.of(), -1, over, told);
    }
}
