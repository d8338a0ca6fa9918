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
 * @param asks what else it asks of a thing
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
        Asks asks,
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

    /**
     * What a need asks of a thing beside its traits and its size. Common practice, no source.
     *
     * @param gramsFrom least mass in grams that does the job; null if it does not matter
     * @param gramsTo greatest mass in grams that is allowed; null if it does not matter
     * @param rebound least share of the height it fell from that it comes back to, 0 to 1; 0 where nothing bounces
     * @param underfoot true if a child stands or treads on it: {@value #UNDERFOOT} mm or more, and never hard
     * @param inOneHand how many a hand holds at once; 0 where it does not matter
     * @param alike true if all of one child's, or of one group's, are the same thing
     */
    public record Asks(
            @Nullable Integer gramsFrom,
            @Nullable Integer gramsTo,
            double rebound,
            boolean underfoot,
            int inOneHand,
            boolean alike) {
        /** Nothing else, but what belongs together is alike. */
        public static final Asks NOTHING = new Asks(null, null, 0, false, 0, true);

        /** Below this a foot rolls away with it. */
        public static final int UNDERFOOT = 150;
        /** A hand holds so much across, in millimetres, in all. */
        private static final int HAND = 170;

        /** @throws IllegalArgumentException if nothing could meet it */
        public Asks {
            if (gramsFrom != null && gramsTo != null && gramsFrom > gramsTo)
                throw new IllegalArgumentException(
                        "The least mass (%d g) is more than the greatest (%d g).".formatted(gramsFrom, gramsTo));
            if (!(rebound >= 0 && rebound <= 1))
                throw new IllegalArgumentException(
                        "A rebound is a share of the height, 0 to 1, not %s.".formatted(rebound));
        }

        /** No more than so many grams, and nothing else. */
        public static Asks upTo(int grams) {
            return new Asks(null, grams, 0, false, 0, true);
        }

        boolean areMetBy(Item item) {
            double grams = item.mass().grams();
            double width = item.width().millimetres();
            Double back = item.handling().rebound();
            return (gramsFrom == null || grams >= gramsFrom)
                    && (gramsTo == null || grams <= gramsTo)
                    && (rebound == 0 || back != null && back >= rebound)
                    && (!underfoot || width >= UNDERFOOT && item.handling().hardness() != Handling.Hardness.HARD)
                    && (inOneHand < 2 || width * inOneHand <= HAND || item.has(Trait.FLOATS));
        }
    }

    public Need {
        traits = Set.copyOf(traits);
        if (count < 1) throw new IllegalArgumentException("The need for a %s must count at least one.".formatted(what));
    }

    /** True if the item has all that is asked for; whether a target topples depends on what is sent at it. */
    public boolean isMetBy(Item item) {
        double width = item.width().millimetres();
        return item.traits().containsAll(traits) && width >= widthFrom && width <= widthTo && asks.areMetBy(item);
    }

    /** The same with another count. */
    public Need withCount(int count) {
        return new Need(what, role, prefers, traits, widthFrom, widthTo, asks, per, count);
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
