package io.isokinet.core.group;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Who has had how many goes: at the demonstration, the special part, the first throw. */
public final class Ledger {
    private final Map<String, Integer> goes = new LinkedHashMap<>();

    /** @param here everybody who is here, in the order of the list */
    public Ledger(Collection<String> here) {
        here.forEach(id -> goes.put(id, 0));
    }

    /** @throws IllegalArgumentException if the child is not on the list */
    public void went(String id) {
        if (!goes.containsKey(id))
            throw new IllegalArgumentException("The child (%s) is not on the list; add it first.".formatted(id));
        goes.merge(id, 1, Integer::sum);
    }

    public int goes(String id) {
        return goes.getOrDefault(id, 0);
    }

    /** Those who have had the fewest goes, in the order of the list. */
    public List<String> next() {
        int least = goes.values().stream().min(Integer::compare).orElse(0);
        return goes.entrySet().stream()
                .filter(e -> e.getValue() == least)
                .map(Map.Entry::getKey)
                .toList();
    }
}
