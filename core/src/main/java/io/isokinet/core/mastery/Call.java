package io.isokinet.core.mastery;

import java.time.LocalDate;

/**
 * What a teacher says of a cue beside what was counted. It stands in place of the rule until it is taken back, and says so.
 *
 * @param owned whether it is there @param by name of who said it
 */
public record Call(boolean owned, String reason, String by, LocalDate day) {
    /** The status with this call on it; what was counted stays readable. A cue that was not taught can be called there, and is never a failure. */
    public Status on(Status counted) {
        if (counted.mark() == Mark.NOT_TAUGHT && !owned) return counted;
        boolean same = owned == counted.owned() && counted.trials() > 0;
        return new Status(
                same ? counted.mark() : owned ? Mark.SECURE : Mark.EMERGING,
                counted.pips(),
                counted.shown(),
                counted.trials(),
                owned,
                "%s called it %s on %s: %s By the count: %s"
                        .formatted(by, owned ? "secure" : "not there yet", day, sentence(reason), counted.reason()));
    }

    private static String sentence(String text) {
        String whole = text.strip();
        return whole.endsWith(".") || whole.endsWith("!") || whole.endsWith("?") ? whole : whole + ".";
    }
}
