package io.isokinet.core.activity;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.quantity.Words;

/**
 * How far something is, as it is said.
 *
 * @param many of the unit, more than 0
 */
public record Reach(double many, Unit unit) {
    /** In what it is said. */
    public enum Unit {
        METRES,
        /** A teacher's paces. */
        PACES,
        /** A child's steps. */
        STEPS,
        /** A child's giant steps. */
        GIANT_STEPS
    }

    /** @throws IllegalArgumentException if it is no distance on a floor */
    public Reach {
        if (!(many > 0) || many > 100)
            throw new IllegalArgumentException("A distance is more than 0 and at most 100, not %s.".formatted(many));
    }

    public static Reach metres(double many) {
        return new Reach(many, Unit.METRES);
    }

    /** In metres: paces as a teacher's, steps as a child's of this age. */
    public double metres(Age age) {
        return switch (unit) {
            case METRES -> many;
            case PACES -> many * Pace.TEACHERS;
            case STEPS -> many * Pace.childs(age).metres();
            case GIANT_STEPS -> many * Pace.giant(age).metres();
        };
    }

    /** As it is said: "3 m", "1 pace", "4 steps". */
    public String words() {
        boolean one = many == 1;
        String said =
                switch (unit) {
                    case METRES -> " m";
                    case PACES -> one ? " pace" : " paces";
                    case STEPS -> one ? " step" : " steps";
                    case GIANT_STEPS -> one ? " giant step" : " giant steps";
                };
        return Words.say((many == Math.rint(many) ? "%.0f" : "%.1f") + said, many);
    }
}
