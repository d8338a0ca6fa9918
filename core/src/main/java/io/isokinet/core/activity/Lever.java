package io.isokinet.core.activity;

import java.util.List;

/**
 * One thing to make a task easier or harder with.
 *
 * @param name "distance", "gap", "object"
 * @param steps settings from the easiest to the hardest, in words that can be set out: "3 m, 4 paces"
 * @param usual index of the step to start from
 */
public record Lever(String name, List<String> steps, int usual) {
    public Lever {
        steps = List.copyOf(steps);
        if (usual < 0 || usual >= steps.size())
            throw new IllegalArgumentException(
                    "The lever (%s) has steps 0 to %d, not %d.".formatted(name, steps.size() - 1, usual));
    }
}
