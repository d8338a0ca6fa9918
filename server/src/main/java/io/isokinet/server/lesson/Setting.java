package io.isokinet.server.lesson;

import io.isokinet.core.space.Point;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What was changed by hand about how a segment is laid out.
 *
 * @param groups wished number of groups; null for the usual one
 * @param without keys of things that are not to be used
 * @param moved groups that were put elsewhere: the corner of their area, in metres, by index
 */
record Setting(@Nullable Integer groups, Set<String> without, Map<Integer, Point> moved) {
    static final Setting USUAL = new Setting(null, Set.of(), Map.of());

    Setting {
        without = Set.copyOf(without);
        moved = Map.copyOf(moved);
    }
}
