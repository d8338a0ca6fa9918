package io.isokinet.core.skill;

import io.isokinet.core.quantity.Side;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** A child's sides by action. What is known is kept; the others are filled from the first known one and marked as assumed. */
public final class Sides {
    /** Nobody has found out yet. */
    public static final Sides NOT_SETTLED = new Sides(Map.of());

    private final EnumMap<Action, Side> known;

    private Sides(Map<Action, Side> known) {
        this.known = new EnumMap<>(Action.class);
        this.known.putAll(known);
    }

    /** @param known the sides that were seen or told; actions left out are filled from these */
    public static Sides of(Map<Action, Side> known) {
        return new Sides(known);
    }

    /** The known or assumed side; empty while no action of this child has settled. */
    public Optional<Side> of(Action action) {
        Side own = known.get(action);
        return own != null ? Optional.of(own) : known.values().stream().findFirst();
    }

    /** True if the side is filled from another action of the same child. */
    public boolean assumed(Action action) {
        return !known.containsKey(action) && !known.isEmpty();
    }

    /** The same side for all that is not settled; for printing both mirrored versions. */
    public static Sides all(Side side) {
        return new Sides(Map.of(Action.THROW, side, Action.BAT, side, Action.KICK, side));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sides sides && sides.known.equals(known);
    }

    @Override
    public int hashCode() {
        return known.hashCode();
    }

    @Override
    public String toString() {
        return "Sides" + known;
    }
}
