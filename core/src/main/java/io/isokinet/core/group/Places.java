package io.isokinet.core.group;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Which group stands where. */
public final class Places {
    private Places() {}

    /**
     * Groups in the order of the floor's places, some of them changed over.
     *
     * @param groups children by group
     * @param wanted the index of the place by a child whose group is to have it; passed over where the groups are not of one size, and where
     *     there is no such child or place
     */
    public static List<List<String>> changed(List<List<String>> groups, Map<String, Integer> wanted) {
        List<List<String>> changed = new ArrayList<>(groups);
        new TreeMap<>(wanted).forEach((child, place) -> {
            if (place < 0 || place >= changed.size()) return;
            for (int g = 0; g < changed.size(); g++)
                if (changed.get(g).contains(child)) {
                    if (changed.get(g).size() == changed.get(place).size()) Collections.swap(changed, g, place);
                    return;
                }
        });
        return List.copyOf(changed);
    }
}
