package io.isokinet.core.thing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;

/** What there is, and how many of each. */
public final class Cupboard {
    /** With nothing in it. */
    public static final Cupboard EMPTY = new Cupboard(Map.of(), Map.of());

    private final Map<Item, Integer> counts;
    private final Map<Rolls, Integer> rolls;

    /** Three test rolls of one thing at another, by key. */
    public record Rolls(String ball, String target) {}

    private Cupboard(Map<Item, Integer> counts, Map<Rolls, Integer> rolls) {
        this.counts = counts;
        this.rolls = rolls;
    }

    /** @param counts usable pieces of each item, zero or more */
    public static Cupboard of(Map<Item, Integer> counts) {
        counts.forEach((item, count) -> {
            if (count < 0)
                throw new IllegalArgumentException(
                        "The count of %s (%d) must be zero or more.".formatted(item.many(), count));
        });
        return new Cupboard(new LinkedHashMap<>(counts), Map.of());
    }

    /** How many of what the item stands for can be set out: 12 cups make 6 towers of two. */
    public int count(Item item) {
        return counts.getOrDefault(item, 0) / item.pieces();
    }

    /** Every item there is at least one of. */
    public List<Item> items() {
        return counts.keySet().stream().filter(i -> count(i) > 0).toList();
    }

    /**
     * The same with what was tried on the floor.
     *
     * @param rolls how many of three rolls felled it, 0 to 3
     */
    public Cupboard withRolls(Map<Rolls, Integer> rolls) {
        rolls.forEach((pair, fell) -> {
            if (fell < 0 || fell > 3)
                throw new IllegalArgumentException("Of three rolls 0 to 3 can fell it, not %d.".formatted(fell));
        });
        return new Cupboard(counts, Map.copyOf(rolls));
    }

    /** The same with more of one thing. */
    public Cupboard with(Item item, int more) {
        Map<Item, Integer> now = new LinkedHashMap<>(counts);
        now.merge(item, more, Integer::sum);
        return new Cupboard(now, rolls);
    }

    /**
     * The same with some of one thing in use.
     *
     * @param used of what the item stands for, not more than there are
     */
    public Cupboard less(Item item, int used) {
        return with(item, -Math.min(used, count(item)) * item.pieces());
    }

    /**
     * What is left of each thing where only a part of it can be had, rounded down.
     *
     * @param percent 0 to 100
     */
    public Cupboard share(int percent) {
        if (percent < 0 || percent > 100)
            throw new IllegalArgumentException(
                    "A share of the cupboard is 0 to 100 percent, not %d.".formatted(percent));
        if (percent == 100) return this;
        Map<Item, Integer> now = new LinkedHashMap<>(counts);
        now.replaceAll((item, count) -> count * percent / 100);
        return new Cupboard(now, rolls);
    }

    /** The same without some things, by key. */
    public Cupboard without(Set<String> keys) {
        if (keys.isEmpty()) return this;
        Map<Item, Integer> now = new LinkedHashMap<>(counts);
        now.keySet().removeIf(i -> keys.contains(i.key()));
        return new Cupboard(now, rolls);
    }

    /** How many of three test rolls felled the target; empty if it was not tried. */
    public OptionalInt fell(Item ball, Item target) {
        Integer fell = rolls.get(new Rolls(ball.key(), target.key()));
        return fell == null ? OptionalInt.empty() : OptionalInt.of(fell);
    }
}
