package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Runners cross with tails, or with a hidden object, in waves. Numbers of a wave: runners, tails taken, tails kept, tails that
 * lie on the floor, and, where something was hidden, how many got past with it. The side is the runners'.
 *
 * @param hidden true if the points are those who got past with the hidden object; otherwise the tails that were kept
 */
public record Crossing(boolean hidden) implements Game {
    @Override
    public ScoreCard card() {
        return hidden
                ? new ScoreCard(
                        List.of("wave", "ran", "taken", "kept", "on floor", "with it"),
                        "One line a wave. Taken, kept and on the floor make as many as ran. With it: who got past with the hidden object.")
                : new ScoreCard(
                        List.of("wave", "ran", "taken", "kept", "on floor"),
                        "One line a wave. Taken, kept and on the floor make as many as ran.");
    }

    @Override
    public String name() {
        return hidden ? "who gets past with it" : "tails kept over";
    }

    @Override
    public int numbers() {
        return hidden ? 5 : 4;
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++)
            for (int w = 0; w < bySide.get(i).size(); w++) {
                List<Integer> n = bySide.get(i).get(w).numbers();
                int tails = n.get(1) + n.get(2) + n.get(3);
                if (tails != n.get(0))
                    findings.add(
                            "%s, wave %d: %d taken, %d kept and %d on the floor make %d; %d ran. Count the tails again."
                                    .formatted(sides.get(i), w + 1, n.get(1), n.get(2), n.get(3), tails, n.get(0)));
                if (hidden && n.get(4) > n.get(0))
                    findings.add("%s, wave %d: %d got past with it; %d ran."
                            .formatted(sides.get(i), w + 1, n.get(4), n.get(0)));
            }
        int points = hidden ? 4 : 2;
        return Game.of(
                sides,
                bySide,
                own -> own.stream().mapToLong(s -> s.numbers().get(points)).sum(),
                own -> "%d in %d waves"
                        .formatted(
                                own.stream()
                                        .mapToInt(s -> s.numbers().get(points))
                                        .sum(),
                                own.size()),
                true,
                findings);
    }
}
