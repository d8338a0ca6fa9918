package io.isokinet.core.unit;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the author would like.
 *
 * @param newCuesPerLesson at most so many new cues a lesson; null for the usual number at the age
 */
public record Wishes(Order order, @Nullable Integer newCuesPerLesson, Set<String> bans) {
    /** Two schools of ordering. */
    public enum Order {
        /** One skill until it works, then the next. */
        BLOCKED,
        /** Skills mixed within a lesson; better kept. */
        INTERLEAVED
    }

    public static final Wishes USUAL = new Wishes(Order.INTERLEAVED, null, Set.of());

    public Wishes {
        bans = Set.copyOf(bans);
    }

    /** One below age 6, two below 8, three from 8, unless wished otherwise. */
    public int newCues(int age) {
        if (newCuesPerLesson != null) return newCuesPerLesson;
        return age < 6 ? 1 : age < 8 ? 2 : 3;
    }
}
