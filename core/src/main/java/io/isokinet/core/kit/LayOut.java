package io.isokinet.core.kit;

import io.isokinet.core.thing.Item;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What to fetch once: of each thing the most that any one segment uses, since one stands at a time. */
public final class LayOut {
    private LayOut() {}

    /**
     * @param segments the kit of each segment; a thing that serves two needs of one segment is needed for both
     * @param items by key
     * @return one line for each thing, with its greatest count in any segment
     */
    public static List<KitLine> of(List<List<KitLine>> segments, Map<String, Item> items) {
        Map<String, KitLine> most = new TreeMap<>();
        for (List<KitLine> lines : segments) {
            Map<String, KitLine> here = new LinkedHashMap<>();
            for (KitLine line : lines) here.merge(line.item(), line, (a, b) -> a.and(b, items.get(a.item())));
            here.forEach((item, line) -> most.merge(item, line, (a, b) -> a.count() >= b.count() ? a : b));
        }
        return List.copyOf(most.values());
    }

    /**
     * One thing over lessons that follow each other in one place.
     *
     * @param counts for each lesson how many it uses
     */
    public record Standing(KitLine most, List<Integer> counts) {
        public Standing {
            counts = List.copyOf(counts);
        }

        /** True if every lesson uses it: it is laid out once and stays. */
        public boolean stays() {
            return counts.stream().allMatch(c -> c > 0);
        }
    }

    /** @param lessons what each fetches, in the order of time */
    public static List<Standing> day(List<List<KitLine>> lessons, Map<String, Item> items) {
        return of(lessons, items).stream()
                .map(line -> new Standing(
                        line,
                        lessons.stream()
                                .map(l -> l.stream()
                                        .filter(k -> k.item().equals(line.item()))
                                        .mapToInt(KitLine::count)
                                        .max()
                                        .orElse(0))
                                .toList()))
                .toList();
    }

    /**
     * Lines by where the things are kept.
     *
     * @param storage by item; "" where nobody said
     */
    public static Map<String, List<KitLine>> byStorage(List<KitLine> lines, Map<String, String> storage) {
        Map<String, List<KitLine>> places = new TreeMap<>();
        for (KitLine line : lines)
            places.computeIfAbsent(storage.getOrDefault(line.item(), ""), p -> new ArrayList<>())
                    .add(line);
        return places;
    }
}
