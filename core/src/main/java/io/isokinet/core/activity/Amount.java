package io.isokinet.core.activity;

import java.util.Locale;

/** What a step sets as a number beside a distance; each has its unit and what is possible. */
public enum Amount {
    /** Of a rope, a rail, a toss or a drop, in metres. */
    HEIGHT(0.05, 6),
    /** Between things, or across what is jumped, in metres. */
    APART(0.05, 30),
    /** On the floor before it is taken; 0 for none. What is sent must bounce where it is more. */
    BOUNCES(0, 20),
    /** Who try to stop it. */
    OPPONENTS(0, 20),
    /** How long a position is held, in seconds; a count is one. */
    HOLD(0, 30),
    /** Steps taken before. */
    RUN_UP(0, 10),
    /** How long one go lasts, in seconds. */
    LASTS(3, 300);

    private final double least;
    private final double most;

    Amount(double least, double most) {
        this.least = least;
        this.most = most;
    }

    /** @throws IllegalArgumentException if it is not possible */
    void check(double value) {
        if (!(value >= least && value <= most))
            throw new IllegalArgumentException("A step may set %s to %s and up to %s, not to %s."
                    .formatted(name().toLowerCase(Locale.ROOT).replace('_', '-'), least, most, value));
    }
}
