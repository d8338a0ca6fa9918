package io.isokinet.core.mastery;

import java.util.List;

/**
 * What the trials say about one child and one cue, with the reason.
 *
 * @param pips the last five trials, oldest first; true is shown
 * @param shown trials that showed it, of {@code trials}
 * @param owned true if it counts as there for the skill's level: secure, mastered, or mastered and only due by time
 * @param reason one sentence with its numbers
 */
public record Status(Mark mark, List<Boolean> pips, int shown, int trials, boolean owned, String reason) {
    public Status {
        pips = List.copyOf(pips);
    }

    /** The filled part of the mark in per cent: share of the last five that were shown. */
    public int fill() {
        if (pips.isEmpty()) return 0;
        return (int) Math.round(100.0 * pips.stream().filter(p -> p).count() / pips.size());
    }

    /** As reports count it, for a child to whom it applies. */
    public Standing standing() {
        if (mark == Mark.NOT_TAUGHT) return Standing.NOT_TAUGHT;
        if (mark == Mark.NOT_SEEN) return Standing.NOT_SEEN;
        return owned ? Standing.OWNED : Standing.DEVELOPING;
    }
}
