package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Points by the zone that was reached, or in which it was caught: one behind the other team is worth more. The number is the
 * index of the zone.
 *
 * @param points of each zone, by its index
 */
public record Zones(List<Integer> points) implements Game {
    public Zones {
        points = List.copyOf(points);
        if (points.isEmpty()) throw new IllegalArgumentException("There is at least one zone; none was given.");
    }

    @Override
    public ScoreCard card() {
        return new ScoreCard(
                Stream.concat(points.stream().map(p -> "for " + p), Stream.of("sum"))
                        .toList(),
                "A stroke for each catch, under its zone.");
    }

    @Override
    public String name() {
        return "by zones";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        for (Scored s : all)
            if (s.numbers().get(0) >= points.size())
                findings.add("Zone %d was scored; there are %d."
                        .formatted(s.numbers().get(0) + 1, points.size()));
        return Game.of(
                sides,
                bySide,
                own -> own.stream()
                        .filter(s -> s.numbers().get(0) < points.size())
                        .mapToLong(s -> points.get(s.numbers().get(0)))
                        .sum(),
                own -> own.size() + (own.size() == 1 ? " throw" : " throws"),
                true,
                findings);
    }
}
