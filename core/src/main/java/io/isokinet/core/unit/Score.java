package io.isokinet.core.unit;

import java.util.Comparator;

/** What a plan costs, by level: a hard point outweighs every medium one, a medium one every soft one. */
public record Score(long hard, long medium, long soft) implements Comparable<Score> {
    private static final Comparator<Score> ORDER = Comparator.comparingLong(Score::hard)
            .thenComparingLong(Score::medium)
            .thenComparingLong(Score::soft);

    @Override
    public int compareTo(Score other) {
        return ORDER.compare(this, other);
    }

    public boolean isBetterThan(Score other) {
        return compareTo(other) < 0;
    }
}
