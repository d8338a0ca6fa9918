package io.isokinet.core.thing;

import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A kind of thing in the cupboard.
 *
 * @param key a slug
 * @param many the name of several, as in "12 cups"
 * @param width diameter of a ball, width of anything else as seen from the front
 * @param height height as it stands; null for what does not stand
 * @param base width of the foot it stands on; null for what does not stand
 * @param centre height of the centre of mass as it stands; null for what does not stand
 * @param pieces how many of the item make one of what it stands for: two cups make a tower
 * @param handling what to know before it is given to children
 * @param recipe how it is made; null for what is bought or found
 */
public record Item(
        String key,
        String name,
        String many,
        Mass mass,
        Length width,
        @Nullable Length height,
        @Nullable Length base,
        @Nullable Length centre,
        Set<Trait> traits,
        boolean homeMade,
        int pieces,
        Handling handling,
        @Nullable Recipe recipe) {
    public Item {
        traits = Set.copyOf(traits);
        if (pieces < 1) throw new IllegalArgumentException("The item (%s) needs at least one piece.".formatted(key));
        if (traits.contains(Trait.STANDS) && (height == null || base == null || centre == null))
            throw new IllegalArgumentException(
                    "The item (%s) stands, so its height, base and centre of mass are needed.".formatted(key));
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** The name for a count: "1 cup", "12 cups". */
    public String counted(int count) {
        return count + " " + (count == 1 ? name : many);
    }
}
