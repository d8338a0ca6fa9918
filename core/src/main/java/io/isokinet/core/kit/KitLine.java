package io.isokinet.core.kit;

import org.jspecify.annotations.Nullable;

/**
 * One line of a kit list.
 *
 * @param what the need's word: "ball"
 * @param item key of the item to take
 * @param count how many to set out, of what the item stands for: towers, not cups
 * @param words the count in words: "6 towers (12 cups)"
 * @param effect what it does to the task, compared with what the task was made for; null for that itself
 * @param reason why this one instead; null for that itself
 */
public record KitLine(
        String what,
        String item,
        int count,
        String words,
        @Nullable Effect effect,
        @Nullable String reason) {
    /** What a substitute does to the task. */
    public enum Effect {
        EASIER,
        HARDER,
        SAME,
        SAFER
    }
}
