package io.isokinet.core.activity;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What one try is: what has to happen, how what is sent gets there, and what it asks of a body.
 *
 * @param opening width in metres of what is aimed at where no thing in the kit says it: a gate, a partner's reach, a mark on a wall;
 *     null for the usual
 * @param reach how far it is where no step of a lever says it; null where nothing does
 */
public record Attempt(
        Must must,
        Travel travel,
        @Nullable Double opening,
        @Nullable Reach reach,
        Set<Effort> efforts) {
    /** Nothing can be missed, and nothing is sent. */
    public static final Attempt NONE = new Attempt(Must.NOTHING, Travel.NONE, null, null, Set.of());

    /** @throws IllegalArgumentException if the opening is no width on a floor */
    public Attempt {
        efforts = Set.copyOf(efforts);
        if (opening != null && !(opening > 0 && opening <= 10))
            throw new IllegalArgumentException(
                    "An opening is more than 0 m and at most 10 m wide, not %s m.".formatted(opening));
    }

    public boolean asks(Effort effort) {
        return efforts.contains(effort);
    }
}
