package io.isokinet.core.nextstep;

import io.isokinet.core.quantity.Side;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Two to show a cue, one of each side where the class has both: of those who own it, who was not chosen for longest. Never shown to children. */
public final class Demonstrators {
    private static final int MOST = 2;

    private Demonstrators() {}

    /** @param side null where it is not settled @param last when it showed something; null for never @param times how often */
    public record Candidate(
            String child, @Nullable Side side, @Nullable LocalDate last, int times) {}

    /** @param owners who own the cue and are there */
    public static List<Candidate> of(List<Candidate> owners) {
        List<Candidate> waiting = owners.stream()
                .sorted(Comparator.comparing(
                                Candidate::last, Comparator.nullsFirst(Comparator.<LocalDate>naturalOrder()))
                        .thenComparingInt(Candidate::times)
                        .thenComparing(Candidate::child))
                .toList();
        List<Candidate> oneEach = Stream.of(Side.LEFT, Side.RIGHT)
                .flatMap(side -> waiting.stream().filter(c -> c.side() == side).limit(1))
                .toList();
        return Stream.concat(oneEach.stream(), waiting.stream().filter(c -> !oneEach.contains(c)))
                .limit(MOST)
                .toList();
    }
}
