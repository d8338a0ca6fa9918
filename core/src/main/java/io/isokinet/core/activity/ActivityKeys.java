package io.isokinet.core.activity;

import java.util.List;

/** Names what a stretch has: one activity, or several side by side as stations. */
public final class ActivityKeys {
    private final List<String> keys;
    private final int hash;

    /**
     * @param keys of the know-how, in the order of the stations; one where it is no stations
     * @throws IllegalArgumentException if there is none, or one of them is empty
     */
    public ActivityKeys(List<String> keys) {
        this.keys = List.copyOf(keys);
        this.hash = this.keys.hashCode();
        if (keys.isEmpty() || keys.stream().anyMatch(String::isBlank))
            throw new IllegalArgumentException("Name one activity, or those that stand side by side; none was given.");
    }

    public static ActivityKeys of(String key) {
        return new ActivityKeys(List.of(key));
    }

    public List<String> keys() {
        return keys;
    }

    /** True for one of them, alone or as a station. */
    public boolean hold(String key) {
        return keys.contains(key);
    }

    public boolean areStations() {
        return keys.size() > 1;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof ActivityKeys k && k.hash == hash && k.keys.equals(keys);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return "ActivityKeys" + keys;
    }
}
