package io.isokinet.core.thing;

import io.isokinet.core.place.Place;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What to know of a thing before it is given to children.
 *
 * @param hardness how it meets a face or a window
 * @param rebound how high it comes back, as a share of the height it fell from, 0 to 1; null for what does not bounce
 * @param rollsOn floors on which it rolls on; empty for what stops where it lands
 * @param rolling how much sooner it stops than a smooth ball does on the same floor: 1 as far, 6 at a sixth of the way
 * @param heldBy what holds it up where it hangs, and how many; null for what leans, or comes with its own
 * @param fallSpeed metres a second of what floats down; null for what falls freely
 * @param atPeople true if it may be thrown towards people
 * @param indoors true if it may be used indoors
 * @param check what to look at before each use; null where a glance does
 * @param packSize how many usually come together
 * @param fitSeconds seconds to put it on for each child; 0 for what is not worn
 * @param ageFrom youngest age in years at which it is handed out
 */
public record Handling(
        Hardness hardness,
        @Nullable Double rebound,
        Set<Place.Floor> rollsOn,
        double rolling,
        @Nullable HeldBy heldBy,
        @Nullable Double fallSpeed,
        boolean atPeople,
        boolean indoors,
        @Nullable String check,
        int packSize,
        int fitSeconds,
        int ageFrom) {
    /** How hard a thing is to the touch. */
    public enum Hardness {
        SOFT,
        FIRM,
        HARD
    }

    /** For a thing of which nothing else is known: handled with care. */
    public static final Handling UNKNOWN =
            new Handling(Hardness.FIRM, null, Set.of(), 1, null, null, false, true, null, 1, 0, 3);

    /** What holds up a rope or a net, by key. */
    public record HeldBy(String item, int count) {}

    public Handling {
        rollsOn = Set.copyOf(rollsOn);
        if (!(rolling >= 0.1 && rolling <= 50))
            throw new IllegalArgumentException(
                    "A rolling factor is 0.1 to 50, where 1 is a smooth ball, not %s.".formatted(rolling));
    }
}
