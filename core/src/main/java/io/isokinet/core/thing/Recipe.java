package io.isokinet.core.thing;

import java.util.List;

/**
 * How a home-made thing is made.
 *
 * @param materials what goes into one
 * @param steps what to do, in order
 * @param minutes to make one
 */
public record Recipe(List<String> materials, List<String> steps, int minutes) {
    public Recipe {
        materials = List.copyOf(materials);
        steps = List.copyOf(steps);
    }
}
