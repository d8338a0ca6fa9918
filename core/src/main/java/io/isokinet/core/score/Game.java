package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/** How a game is scored. The rules of the games are common practice; a published source is named where there is one. */
public sealed interface Game
        permits Bowling,
                Pins,
                FallenFrom,
                FewestThrows,
                Nearest,
                Streak,
                Tally,
                HitsOf,
                BestOfThree,
                Crossing,
                Zones,
                Swap {
    /**
     * What the log of a game comes to.
     *
     * @param sides their names, 1 to 40
     * @throws IllegalArgumentException if something was scored for a side that there is not, or with numbers that cannot be
     */
    default Result result(List<String> sides, List<ScoreEvent> events) {
        if (sides.isEmpty() || sides.size() > 40)
            throw new IllegalArgumentException("A game has 1 to 40 sides, not %d.".formatted(sides.size()));
        List<List<Scored>> bySide = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) bySide.add(new ArrayList<>());
        List<Scored> all = ScoreLog.counts(events);
        for (Scored s : all) {
            if (s.side() < 0 || s.side() >= sides.size())
                throw new IllegalArgumentException("Something was scored for side %d; there are sides 1 to %d."
                        .formatted(s.side() + 1, sides.size()));
            if (s.numbers().size() < numbers())
                throw new IllegalArgumentException("%s needs %d numbers for each thing that is scored; %d were given."
                        .formatted(name(), numbers(), s.numbers().size()));
            if (s.numbers().stream().anyMatch(n -> n < 0))
                throw new IllegalArgumentException(
                        "What is counted is zero or more; %s was given.".formatted(s.numbers()));
            bySide.get(s.side()).add(s);
        }
        return scored(sides, bySide, all);
    }

    /** In a few words, as a teacher would say it. */
    String name();

    /** The card to fill in where nobody has a device. */
    ScoreCard card();

    /** How many numbers each thing that is scored has at least. */
    default int numbers() {
        return 1;
    }

    /**
     * @param bySide what counts, by side
     * @param all the same in the order of time
     */
    Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all);

    /**
     * A result with one line a side.
     *
     * @param more true if more is better
     */
    static Result of(
            List<String> sides,
            List<List<Scored>> bySide,
            Function<List<Scored>, Long> points,
            Function<List<Scored>, String> words,
            boolean more,
            List<String> findings) {
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> played = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            List<Scored> own = bySide.get(i);
            lines.add(new Result.Line(sides.get(i), points.apply(own), words.apply(own)));
            played.add(!own.isEmpty());
        }
        return new Result(lines, Result.best(lines, played, more), -1, false, findings);
    }

    static String list(List<Integer> numbers) {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    static List<Integer> first(List<Scored> own) {
        return own.stream().map(s -> s.numbers().get(0)).toList();
    }
}
