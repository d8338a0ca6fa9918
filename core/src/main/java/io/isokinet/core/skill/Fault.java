package io.isokinet.core.skill;

import org.jspecify.annotations.Nullable;

/**
 * A common fault and what to say about it.
 *
 * @param seen what the observer sees
 * @param fix what to tell the child, or to change in the task; templates allowed in both
 * @param variant the way of doing it in which alone it is a fault; null for any
 */
public record Fault(String seen, String fix, @Nullable String variant) {
    /** In any way of doing it. */
    public Fault(String seen, String fix) {
        this(seen, fix, null);
    }

    /** What the observer sees, with the way of doing it in which alone it is a fault. */
    public String told() {
        return variant == null ? seen : "%s (%s)".formatted(seen, variant);
    }
}
