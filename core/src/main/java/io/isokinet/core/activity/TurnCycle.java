package io.isokinet.core.activity;

/**
 * One turn in seconds: each go, then fetch, return and reset once. In queues one child of a group has a turn at a time; elsewhere all
 * do, unless it is said that one does.
 *
 * @param act of one go
 * @param goes in a turn, at least 1
 * @param acts who of a group has a turn at a time
 */
public record TurnCycle(int act, int fetch, int back, int reset, int goes, Acts acts) {
    /** Who of a group has a turn at a time. */
    public enum Acts {
        /** As the formation has it: one in a queue, both of a pair there and back, everybody where all have a thing. */
        USUAL,
        /** One; the partner feeds, marks or watches, and they change. */
        ONE
    }

    public TurnCycle {
        if (goes < 1) throw new IllegalArgumentException("A turn has at least one go, not %d.".formatted(goes));
    }

    /** One go, as the formation has it. */
    public TurnCycle(int act, int fetch, int back, int reset) {
        this(act, fetch, back, reset, 1, Acts.USUAL);
    }

    public int seconds() {
        return goes * act + fetch + back + reset;
    }
}
