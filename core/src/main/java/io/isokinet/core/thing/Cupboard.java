package io.isokinet.core.thing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What there is, and how many of each. */
public final class Cupboard {
    private final Map<Item, Integer> counts;

    private Cupboard(Map<Item, Integer> counts) {
        this.counts = counts;
    }

    /** @param counts usable pieces of each item, zero or more */
    public static Cupboard of(Map<Item, Integer> counts) {
        counts.forEach((item, count) -> {
            if (count < 0)
                throw new IllegalArgumentException(
                        "The count of %s (%d) must be zero or more.".formatted(item.many(), count));
        });
        return new Cupboard(new LinkedHashMap<>(counts));
    }

    /** How many of what the item stands for can be set out: 12 cups make 6 towers of two. */
    public int count(Item item) {
        return counts.getOrDefault(item, 0) / item.pieces();
    }

    /** Every item there is at least one of. */
    public List<Item> items() {
        return counts.keySet().stream().filter(i -> count(i) > 0).toList();
    }
}
