package io.isokinet.core.score;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Hits out of so many tries, by hand and distance. Numbers: hits, hand (0 the own, 1 the other), distance in centimetres; the
 * last two may be left out.
 *
 * @param tries in a set, 1 to 50
 */
public record HitsOf(int tries) implements Game {
    public HitsOf {
        if (tries < 1 || tries > 50)
            throw new IllegalArgumentException("A set has 1 to 50 tries, not %d.".formatted(tries));
    }

    @Override
    public ScoreCard card() {
        return new ScoreCard(
                List.of("distance", "own hand", "other hand", "distance", "own hand", "other hand"),
                "Hits out of %d, for each hand from each distance.".formatted(tries));
    }

    @Override
    public String name() {
        return "hits out of " + tries;
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        for (Scored s : all)
            if (s.numbers().get(0) > tries)
                findings.add("%s: %d hits of %d tries. Count again."
                        .formatted(sides.get(s.side()), s.numbers().get(0), tries));
        return Game.of(
                sides,
                bySide,
                own -> own.stream().mapToLong(s -> s.numbers().get(0)).max().orElse(0),
                this::words,
                true,
                findings);
    }

    private String words(List<Scored> own) {
        Map<String, Integer> best = new TreeMap<>();
        for (Scored s : own) best.merge(how(s), s.numbers().get(0), Math::max);
        return best.entrySet().stream()
                .map(e -> "%d of %d%s".formatted(e.getValue(), tries, e.getKey()))
                .collect(Collectors.joining("; "));
    }

    private static String how(Scored s) {
        String hand = s.numbers().size() > 1 && s.numbers().get(1) == 1 ? ", other hand" : "";
        return hand
                + (s.numbers().size() > 2
                        ? Words.say(" from %.1f m", s.numbers().get(2) / 100.0)
                        : "");
    }
}
