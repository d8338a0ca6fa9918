package io.isokinet.core.kit;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Recipe;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How to make so many of a home-made thing.
 *
 * @param materials for all of them
 * @param makers pairs of hands
 * @param minutes until the last of them is done
 * @param warning what is too heavy for this age, or to be looked at; null for nothing
 */
public record MakeSheet(
        String name,
        int count,
        List<String> materials,
        List<String> steps,
        int makers,
        int minutes,
        @Nullable String warning) {
    /** Kilograms in a litre of sand. Common practice. */
    public static final double DRY_SAND = 1.6;

    public static final double DAMP_SAND = 1.9;

    public MakeSheet {
        materials = List.copyOf(materials);
        steps = List.copyOf(steps);
    }

    /** By one pair of hands. */
    public static MakeSheet of(Item item, int count, Age age) {
        return of(item, count, age, 1);
    }

    /**
     * Shared out among those who make them, each a whole number of things.
     *
     * @param count at least 1
     * @param makers pairs of hands, at least 1; more than things do not help
     * @throws IllegalArgumentException if the thing is not home-made, or a count is not one or more
     */
    public static MakeSheet of(Item item, int count, Age age, int makers) {
        Recipe recipe = item.recipe();
        if (recipe == null)
            throw new IllegalArgumentException("%s are not home-made; there is no recipe.".formatted(item.many()));
        if (count < 1) throw new IllegalArgumentException("Make one %s or more, not %d.".formatted(item.name(), count));
        if (makers < 1)
            throw new IllegalArgumentException("One pair of hands or more make them, not %d.".formatted(makers));
        int hands = Math.min(makers, count);
        return new MakeSheet(
                count == 1 ? item.name() : item.many(),
                count,
                recipe.materials().stream().map(m -> m.words(count)).toList(),
                recipe.steps(),
                hands,
                recipe.minutes() * ((count + hands - 1) / hands),
                warning(item, age));
    }

    private static @Nullable String warning(Item item, Age age) {
        Mass limit = heaviest(age);
        if (item.mass().compareTo(limit) > 0)
            return Words.say(
                    "%s weigh %.2f kg; at %d years the limit is %.1f kg. Weigh each one, make them smaller.",
                    item.many(), item.mass().kilograms(), age.years(), limit.kilograms());
        List<String> said = new ArrayList<>();
        if (!item.has(Trait.STANDS) && Objects.requireNonNull(item.recipe()).filling() == Recipe.Filling.SAND)
            said.add(Words.say(
                    "Sand is heavy: %.1f cm across weigh %.2f kg dry and %.2f damp; at %d years at most %.1f cm.",
                    item.width().metres() * 100,
                    ofSand(item.width(), DRY_SAND).kilograms(),
                    ofSand(item.width(), DAMP_SAND).kilograms(),
                    age.years(),
                    widestOfSand(age).metres() * 100));
        if (item.handling().check() != null)
            said.add("Before each use: " + item.handling().check());
        return said.isEmpty() ? null : String.join(" ", said);
    }

    /** Greatest mass of a home-made thing that is thrown: 0.4 kg to seven, 0.6 to nine, 1.0 to twelve. Common practice. */
    public static Mass heaviest(Age age) {
        return new Mass(age.years() <= 7 ? 0.4 : age.years() <= 9 ? 0.6 : 1.0);
    }

    /**
     * Mass of a taped ball of sand.
     *
     * @param density kilograms a litre
     */
    public static Mass ofSand(Length diameter, double density) {
        double d = diameter.metres() * 10;
        return new Mass(Math.PI / 6 * d * d * d * density);
    }

    /** The widest taped ball of dry sand that is not too heavy at this age. */
    public static Length widestOfSand(Age age) {
        return new Length(Math.cbrt(heaviest(age).kilograms() * 6 / Math.PI / DRY_SAND) / 10);
    }
}
