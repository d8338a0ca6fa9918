package io.isokinet.core.activity;

import io.isokinet.core.quantity.Age;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * One thing to make a task easier or harder with.
 *
 * @param name "distance", "gap", "object"
 * @param steps settings from the easiest to the hardest, in words that can be set out: "3 m, 4 paces"
 * @param usual index of the step to start from
 * @param logits what each step adds to the difficulty of the task, 0 for the usual one; not always rising: a lower toss
 *     is easier except where the task needs the time in the air
 * @param facts what each step sets
 */
public record Lever(String name, List<String> steps, int usual, List<Double> logits, List<StepFacts> facts) {
    /** What a step is worth where a pack says nothing. */
    private static final double USUAL_STEP = 0.6;

    /** With steps that are each as much harder as the one before, and that set nothing but words. */
    public Lever(String name, List<String> steps, int usual) {
        this(name, steps, usual, even(steps.size(), usual));
    }

    /** With steps that set nothing but words. */
    public Lever(String name, List<String> steps, int usual, List<Double> logits) {
        this(name, steps, usual, logits, Collections.nCopies(steps.size(), StepFacts.NONE));
    }

    /** What so many steps add where each is as much harder as the one before. */
    public static List<Double> even(int steps, int usual) {
        return IntStream.range(0, steps).mapToObj(i -> (i - usual) * USUAL_STEP).toList();
    }

    public Lever {
        steps = List.copyOf(steps);
        logits = List.copyOf(logits);
        facts = List.copyOf(facts);
        if (usual < 0 || usual >= steps.size())
            throw new IllegalArgumentException(
                    "The lever (%s) has steps 0 to %d, not %d.".formatted(name, steps.size() - 1, usual));
        if (logits.size() != steps.size() || logits.get(usual) != 0)
            throw new IllegalArgumentException(
                    "The lever (%s) needs as many logits as steps (%d), with 0 at the usual step (%d)."
                            .formatted(name, steps.size(), usual));
        if (facts.size() != steps.size())
            throw new IllegalArgumentException(
                    "The lever (%s) has %d steps and facts of %d; say {} of a step that sets nothing."
                            .formatted(name, steps.size(), facts.size()));
    }

    /**
     * How far it is at a step, where it sets a distance: metres as they stand, paces as a teacher's, steps as a child's of this age.
     *
     * @return empty if it sets none
     */
    public OptionalDouble metres(int step, Age age) {
        Reach reach = facts.get(step).reach();
        return reach == null ? OptionalDouble.empty() : OptionalDouble.of(reach.metres(age));
    }
}
