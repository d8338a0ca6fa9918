package io.isokinet.core.activity;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Pace;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    private static final Pattern METRES = Pattern.compile("(\\d+(?:\\.\\d+)?) (m|paces?|steps?|giant steps?)\\b.*");

    /**
     * How far a step of the lever says, where it says a distance: metres as they stand, paces as a teacher's, steps as a
     * child's of this age.
     *
     * @return empty if it is not a distance, or is told in words only
     */
    public OptionalDouble metres(int step, Age age) {
        Matcher told = METRES.matcher(steps.get(step));
        boolean apart = name.startsWith("distance") || name.equals("start");
        if (!apart || !told.matches()) return OptionalDouble.empty();
        double many = Double.parseDouble(told.group(1));
        String unit = told.group(2);
        if (unit.equals("m")) return OptionalDouble.of(many);
        if (unit.startsWith("pace")) return OptionalDouble.of(many * Pace.TEACHERS);
        return OptionalDouble.of(many * (unit.startsWith("giant") ? Pace.giant(age) : Pace.childs(age)).metres());
    }
}
