package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Nearest to the target takes the round. The first number is the distance in centimetres, or where nobody measures the place among
 * the throws of the round, from 1; the second, where it was looked at,
 * how many of a side's throws touch the target: a tie goes to the one touching more.
 *
 * @param loserFirst true if the last loser begins the next round; otherwise the last winner does
 */
public record Nearest(boolean loserFirst) implements Game {
    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(
                6,
                "won",
                "One box a round: centimetres to the target, 0 where it touches. A tie goes to the one touching more. %s begins the next."
                        .formatted(loserFirst ? "Whoever lost" : "Whoever won"));
    }

    @Override
    public String name() {
        return "nearest to the target";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        int rounds = bySide.stream().mapToInt(List::size).min().orElse(0);
        long[] won = new long[sides.size()];
        int next = bySide.stream().allMatch(List::isEmpty) ? 0 : -1;
        List<String> findings = new ArrayList<>();
        for (int r = 0; r < rounds; r++) {
            List<Integer> best = new ArrayList<>();
            int worst = 0;
            for (int i = 0; i < sides.size(); i++) {
                int order = best.isEmpty()
                        ? -1
                        : compare(bySide.get(i).get(r), bySide.get(best.get(0)).get(r));
                if (order < 0) best.clear();
                if (order <= 0) best.add(i);
                if (compare(bySide.get(i).get(r), bySide.get(worst).get(r)) > 0) worst = i;
            }
            // A tie that touching does not decide gives each a point.
            for (int i : best) won[i]++;
            next = loserFirst ? worst : best.get(0);
        }
        int most = bySide.stream().mapToInt(List::size).max().orElse(0);
        if (most > rounds + 1) {
            findings.add(
                    "A side has %d throws and another %d: was one written for the wrong side?".formatted(most, rounds));
        }
        if (most > rounds) next = firstWithout(bySide, rounds);
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> played = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            lines.add(new Result.Line(sides.get(i), won[i], "%d of %d rounds".formatted(won[i], rounds)));
            played.add(rounds > 0);
        }
        return new Result(lines, Result.best(lines, played, true), next, false, findings);
    }

    private static int firstWithout(List<List<Scored>> bySide, int round) {
        for (int i = 0; i < bySide.size(); i++) if (bySide.get(i).size() <= round) return i;
        return -1;
    }

    /** Less is better: by distance, then by who touches more. */
    private static int compare(Scored a, Scored b) {
        int distance = Integer.compare(a.numbers().get(0), b.numbers().get(0));
        return distance != 0 ? distance : Integer.compare(touching(b), touching(a));
    }

    private static int touching(Scored s) {
        return s.numbers().size() > 1 ? s.numbers().get(1) : 0;
    }
}
