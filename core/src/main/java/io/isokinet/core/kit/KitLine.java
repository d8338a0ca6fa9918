package io.isokinet.core.kit;

import io.isokinet.core.thing.Item;
import org.jspecify.annotations.Nullable;

/**
 * One line of a kit list.
 *
 * @param what the need's word: "ball"
 * @param item key of the item to take
 * @param count how many to set out, of what the item stands for: towers, not cups
 * @param words the count in words: "6 towers (12 cups)"
 * @param effect what it does to the task, compared with what the task was made for; null for that itself
 * @param seconds to put it on, for all of them; 0 for what is not worn
 * @param reason why this one instead; null for that itself
 * @param among how many groups have it; 0 where all have the same
 * @param groups which groups have it, "groups 1 to 3", where groups have unlike things; null where all have the same
 */
public record KitLine(
        String what,
        String item,
        int count,
        String words,
        @Nullable Effect effect,
        int seconds,
        @Nullable String reason,
        int among,
        @Nullable String groups) {
    /** One that all have alike. */
    public KitLine(
            String what,
            String item,
            int count,
            String words,
            @Nullable Effect effect,
            int seconds,
            @Nullable String reason) {
        this(what, item, count, words, effect, seconds, reason, 0, null);
    }

    /** The same for some groups alone. */
    KitLine forGroups(int from, int to) {
        return new KitLine(
                what,
                item,
                count,
                words,
                effect,
                seconds,
                reason,
                to - from + 1,
                to == from ? "group " + from : "groups %d %s %d".formatted(from, to == from + 1 ? "and" : "to", to));
    }

    /**
     * So many of it in words: "6 towers (12 pieces)".
     *
     * @param count of what the item stands for
     */
    static String words(Item item, int count) {
        return item.pieces() == 1
                ? item.counted(count)
                : "%d %s (%d pieces)".formatted(count, count == 1 ? item.name() : item.many(), count * item.pieces());
    }

    /** This and another line of the same thing in one. */
    KitLine and(KitLine other, Item of) {
        int sum = count + other.count;
        return new KitLine(
                what,
                item,
                sum,
                words(of, sum),
                effect == null ? other.effect : effect,
                seconds + other.seconds,
                reason == null ? other.reason : reason);
    }

    /** What a substitute does to the task. */
    public enum Effect {
        EASIER,
        HARDER,
        SAME,
        SAFER
    }
}
