package io.isokinet.core.group;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How often any two were in one group before. */
public final class Together {
    public static final Together NEVER = new Together(Map.of());
    private final Map<Set<String>, Integer> times;

    private Together(Map<Set<String>, Integer> times) {
        this.times = times;
    }

    /** @param before earlier arrangements, each as groups of ids */
    public static Together of(List<List<List<String>>> before) {
        Map<Set<String>, Integer> times = new HashMap<>();
        for (List<List<String>> groups : before)
            for (List<String> group : groups)
                for (int i = 0; i < group.size(); i++)
                    for (int j = i + 1; j < group.size(); j++)
                        if (!group.get(i).equals(group.get(j)))
                            times.merge(Set.of(group.get(i), group.get(j)), 1, Integer::sum);
        return new Together(times);
    }

    public int times(String one, String other) {
        return one.equals(other) ? 0 : times.getOrDefault(Set.of(one, other), 0);
    }
}
