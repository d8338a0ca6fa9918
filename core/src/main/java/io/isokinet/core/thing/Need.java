package io.isokinet.core.thing;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a task needs of one kind of thing: properties, not a name.
 *
 * @param what the word for it in the task: "ball", "skittle", "line marker"
 * @param role what it is for
 * @param prefers key of the item the numbers in the task were made for
 * @param traits all of these are required
 * @param widthFrom smallest width in millimetres that does the job
 * @param widthTo largest width in millimetres that does the job
 * @param gramsTo greatest mass in grams that is allowed; null if it does not matter
 * @param per what each count stands for
 * @param count how many for each, at least 1
 */
public record Need(
        String what,
        Role role,
        String prefers,
        Set<Trait> traits,
        int widthFrom,
        int widthTo,
        @Nullable Integer gramsTo,
        Per per,
        int count) {
    /** What a thing is for. */
    public enum Role {
        /** Rolled, thrown, kicked or struck by the child. */
        SENT,
        /** Held in the hand: a bat, a racket. */
        HELD,
        /** Has to fall to what is sent. */
        TOPPLED,
        /** Aimed at or into, stays where it is. */
        AIMED_AT,
        /** Shows a place. */
        MARKER
    }

    /** What a count stands for. */
    public enum Per {
        CHILD("a child"),
        GROUP("a group"),
        CLASS("the class");

        private final String label;

        Per(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Need {
        traits = Set.copyOf(traits);
        if (count < 1) throw new IllegalArgumentException("The need for a %s must count at least one.".formatted(what));
    }

    /** True if the item has all that is asked for; whether a target topples depends on what is sent at it. */
    public boolean isMetBy(Item item) {
        double width = item.width().millimetres();
        return item.traits().containsAll(traits)
                && width >= widthFrom
                && width <= widthTo
                && (gramsTo == null || item.mass().grams() <= gramsTo);
    }

    /** The same with another count. */
    public Need withCount(int count) {
        return new Need(what, role, prefers, traits, widthFrom, widthTo, gramsTo, per, count);
    }

    /** @param children in the segment @param groups of its formation */
    public int wanted(int children, int groups) {
        return switch (per) {
            case CHILD -> count * children;
            case GROUP -> count * groups;
            case CLASS -> count;
        };
    }
}
