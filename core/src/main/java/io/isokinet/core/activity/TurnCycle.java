package io.isokinet.core.activity;

/**
 * One turn in seconds: each go, then fetch, return and reset once, and for each go that fails what a miss adds. In queues one child
 * of a group has a turn at a time; elsewhere all do, unless it is said that one does.
 *
 * @param act of one go
 * @param miss what a go that fails adds, as running after what was not caught
 * @param goes in a turn, at least 1
 * @param acts who of a group has a turn at a time
 */
public record TurnCycle(int act, int fetch, int back, int reset, int miss, int goes, Acts acts) {
    /** Who of a group has a turn at a time. */
    public enum Acts {
        /** As the formation has it: one in a queue, both of a pair there and back, everybody where all have a thing. */
        USUAL,
        /** One; the partner feeds, marks or watches, and they change. */
        ONE
    }

    /** The share of goes that fails where no class is known: the middle of what is worth practising. Common practice. */
    public static final double USUALLY_MISSED = 0.4;

    public TurnCycle {
        if (goes < 1) throw new IllegalArgumentException("A turn has at least one go, not %d.".formatted(goes));
    }

    /** One go, as the formation has it. */
    public TurnCycle(int act, int fetch, int back, int reset) {
        this(act, fetch, back, reset, 0, 1, Acts.USUAL);
    }

    /** @param missed share of the goes that fail, 0 to 1 */
    public double seconds(double missed) {
        return goes * (act + missed * miss) + fetch + back + reset;
    }
}
