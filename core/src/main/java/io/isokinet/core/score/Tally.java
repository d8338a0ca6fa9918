package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Points by colour, multiplied at the end. The first number is the index of the colour, the second how many.
 *
 * @param points of each colour, by its index
 * @param multiplier what the sum of a side is multiplied by at the end, 1 to 100
 */
public record Tally(List<Integer> points, int multiplier) implements Game {
    public Tally {
        points = List.copyOf(points);
        if (points.isEmpty() || multiplier < 1 || multiplier > 100)
            throw new IllegalArgumentException("A tally has at least one colour (%d) and a multiplier of 1 to 100 (%d)."
                    .formatted(points.size(), multiplier));
    }

    @Override
    public ScoreCard card() {
        return new ScoreCard(
                Stream.concat(points.stream().map(p -> p == 1 ? "for 1" : "for " + p), Stream.of("sum"))
                        .toList(),
                multiplier == 1
                        ? "A stroke for each one caught, under its points."
                        : "A stroke for each one, under its points; the sum is taken times %d at the end."
                                .formatted(multiplier));
    }

    @Override
    public String name() {
        return "points by colour";
    }

    @Override
    public int numbers() {
        return 2;
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        for (Scored s : all)
            if (s.numbers().get(0) >= points.size())
                findings.add("Colour %d was scored; there are %d."
                        .formatted(s.numbers().get(0) + 1, points.size()));
        return Game.of(
                sides,
                bySide,
                own -> sum(own) * multiplier,
                own -> multiplier == 1
                        ? sum(own) + " points"
                        : "%d times %d: %d points".formatted(sum(own), multiplier, sum(own) * multiplier),
                true,
                findings);
    }

    private long sum(List<Scored> own) {
        return own.stream()
                .filter(s -> s.numbers().get(0) < points.size())
                .mapToLong(
                        s -> (long) points.get(s.numbers().get(0)) * s.numbers().get(1))
                .sum();
    }
}
