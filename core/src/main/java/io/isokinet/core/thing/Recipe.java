package io.isokinet.core.thing;

import java.util.List;

/**
 * How a home-made thing is made.
 *
 * @param materials what goes into one
 * @param steps what to do, in order
 * @param minutes to make one
 * @param filling what is poured in
 */
public record Recipe(List<String> materials, List<String> steps, int minutes, Filling filling) {
    /** What a home-made thing is filled with. */
    public enum Filling {
        NONE,
        SAND,
        /** Makes a hall floor slippery where it leaks. */
        WATER
    }

    public Recipe {
        materials = List.copyOf(materials);
        steps = List.copyOf(steps);
    }
}
