package io.isokinet.core.activity;

import java.util.List;
import java.util.stream.IntStream;

/**
 * One thing to make a task easier or harder with.
 *
 * @param name "distance", "gap", "object"
 * @param steps settings from the easiest to the hardest, in words that can be set out: "3 m, 4 paces"
 * @param usual index of the step to start from
 * @param logits what each step adds to the difficulty of the task, 0 for the usual one; not always rising: a lower toss
 *     is easier except where the task needs the time in the air
 */
public record Lever(String name, List<String> steps, int usual, List<Double> logits) {
    /** What a step is worth where a pack says nothing. */
    private static final double USUAL_STEP = 0.6;

    /** With steps that are each as much harder as the one before. */
    public Lever(String name, List<String> steps, int usual) {
        this(
                name,
                steps,
                usual,
                IntStream.range(0, steps.size())
                        .mapToObj(i -> (i - usual) * USUAL_STEP)
                        .toList());
    }

    public Lever {
        steps = List.copyOf(steps);
        logits = List.copyOf(logits);
        if (usual < 0 || usual >= steps.size())
            throw new IllegalArgumentException(
                    "The lever (%s) has steps 0 to %d, not %d.".formatted(name, steps.size() - 1, usual));
        if (logits.size() != steps.size() || logits.get(usual) != 0)
            throw new IllegalArgumentException(
                    "The lever (%s) needs as many logits as steps (%d), with 0 at the usual step (%d)."
                            .formatted(name, steps.size(), usual));
    }
}
