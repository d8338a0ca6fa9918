package io.isokinet.core.kit;

import java.util.List;

/**
 * The kit of a segment.
 *
 * @param lines what to take; every need is covered if there is no shortage
 * @param shortages one sentence for each need that nothing in the cupboard covers
 * @param remedies for each of these what can be made by then and what would be bought; empty for nothing
 */
public record KitList(List<KitLine> lines, List<String> shortages, List<String> remedies) {
    public KitList {
        remedies = List.copyOf(remedies);
        lines = List.copyOf(lines);
        shortages = List.copyOf(shortages);
    }

    public boolean suffices() {
        return shortages.isEmpty();
    }
}
