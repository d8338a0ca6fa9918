package io.isokinet.core.activity;

import java.util.List;

/**
 * Names what a stretch has: one activity, or several side by side as stations.
 *
 * @param keys of the know-how, in the order of the stations; one where it is no stations
 */
public record ActivityKeys(List<String> keys) {
    /** @throws IllegalArgumentException if there is none, or one of them is empty */
    public ActivityKeys {
        keys = List.copyOf(keys);
        if (keys.isEmpty() || keys.stream().anyMatch(String::isBlank))
            throw new IllegalArgumentException("Name one activity, or those that stand side by side; none was given.");
    }

    public static ActivityKeys of(String key) {
        return new ActivityKeys(List.of(key));
    }

    /** True for one of them, alone or as a station. */
    public boolean hold(String key) {
        return keys.contains(key);
    }

    public boolean areStations() {
        return keys.size() > 1;
    }
}
