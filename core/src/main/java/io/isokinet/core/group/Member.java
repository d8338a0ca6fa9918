package io.isokinet.core.group;

import io.isokinet.core.quantity.Side;
import org.jspecify.annotations.Nullable;

/**
 * A child as grouping needs it: no name, no metres.
 *
 * @param id whatever tells it from the others
 * @param takesPart PLAYS, or why not
 * @param percent share of the cues in hand that it owns, 0 to 100; 50 where nothing is known
 * @param need what it should work on next, a cue key; empty for none
 * @param side the side it sends with; null while not settled
 */
public record Member(
        String id,
        TakesPart takesPart,
        int percent,
        String need,
        @Nullable Side side) {
    /** Whether a child plays today. */
    public enum TakesPart {
        PLAYS,
        /** Here, but cannot run today: gets a job. */
        SITS_OUT,
        AWAY
    }

    public boolean plays() {
        return takesPart == TakesPart.PLAYS;
    }
}
