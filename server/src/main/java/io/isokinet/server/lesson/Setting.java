package io.isokinet.server.lesson;

import io.isokinet.core.space.Point;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was changed by hand about how a segment is laid out.
 *
 * @param groups wished number of groups; null for the usual one
 * @param without keys of things that are not to be used
 * @param moved groups that were put elsewhere: the corner of their area, in metres, by index
 * @param places index of the place that the group of a child was given, by the child; absent in what was written before there was any
 */
record Setting(
        @Nullable Integer groups,
        Set<String> without,
        Map<Integer, Point> moved,
        @Nullable Map<UUID, Integer> places) {
    static final Setting USUAL = new Setting(null, Set.of(), Map.of(), Map.of());

    Setting {
        without = Set.copyOf(without);
        moved = Map.copyOf(moved);
        places = places == null ? Map.of() : Map.copyOf(places);
    }

    /** As {@link #places}, never null. */
    Map<String, Integer> placesByChild() {
        Map<String, Integer> byChild = new HashMap<>();
        Objects.requireNonNull(places).forEach((child, place) -> byChild.put(child.toString(), place));
        return byChild;
    }
}
