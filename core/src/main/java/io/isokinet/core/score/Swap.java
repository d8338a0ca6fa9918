package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/** Success changes the places: whoever succeeds goes in, and who was in comes out. The number is 1 for a success, 0 for none. */
public record Swap() implements Game {
    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(8, "sum", "One box a turn: 1 where it worked and the places changed, 0 where not.");
    }

    @Override
    public String name() {
        return "success changes the places";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        int in = 0;
        long[] turns = new long[sides.size()];
        for (Scored s : all) {
            turns[in]++;
            if (s.numbers().get(0) > 0) in = s.side();
        }
        List<Result.Line> lines = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++)
            lines.add(new Result.Line(
                    sides.get(i), turns[i], i == in ? "in, for %d turns".formatted(turns[i]) : turns[i] + " turns in"));
        return new Result(lines, List.of(), in, false, List.of());
    }
}
