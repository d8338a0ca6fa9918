package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Arithmetic with what fell: each fallen number is taken from a start, never below zero, or only read and written. The first
 * number is what fell, the second the start that was drawn for it, where one was.
 *
 * @param start what each is taken from where nothing was drawn, 1 to 100; 0 to only read the numbers
 */
public record FallenFrom(int start) implements Game {
    public FallenFrom {
        if (start < 0 || start > 100)
            throw new IllegalArgumentException("The start is 1 to 100, or 0 to only read; not %d.".formatted(start));
    }

    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(
                8,
                "",
                start == 0
                        ? "Read the number on each that fell, and write it."
                        : "For each that fell: the start less its number. The start is %d, or the number that was drawn."
                                .formatted(start));
    }

    @Override
    public String name() {
        return start == 0 ? "fallen numbers, read" : "fallen numbers taken from " + start;
    }

    /** The answers of a side, in order: 2, 1 and 3 fallen with a start of 10 are 8, 9 and 7. Common practice. */
    public List<Integer> answers(List<Scored> own) {
        return own.stream()
                .map(s -> {
                    int fell = s.numbers().get(0);
                    int from = s.numbers().size() > 1 ? s.numbers().get(1) : start;
                    return from == 0 ? fell : Math.max(0, from - fell);
                })
                .toList();
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<Result.Line> lines = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            List<Integer> answers = answers(bySide.get(i));
            lines.add(new Result.Line(
                    sides.get(i), answers.stream().mapToLong(n -> n).sum(), Game.list(answers)));
        }
        return new Result(lines, List.of(), -1, false, List.of());
    }
}
