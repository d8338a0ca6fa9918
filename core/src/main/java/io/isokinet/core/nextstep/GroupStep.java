package io.isokinet.core.nextstep;

import io.isokinet.core.nextstep.MoveOn.Step;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a group does differently from its class: the same activity a step easier or harder, so that all stay together. Common
 * practice.
 *
 * @param facts that decide
 * @param doing what that is in the next lesson, in a sentence
 */
public record GroupStep(Step step, List<String> facts, String doing) {
    public GroupStep {
        facts = List.copyOf(facts);
    }

    /**
     * Work of the next lesson.
     *
     * @param easier and
     * @param harder the steps beside the one that is planned; null where there is none
     */
    public record Work(
            String activity,
            @Nullable String easier,
            @Nullable String harder) {}

    /**
     * @param own what the records of the group say
     * @param ofClass what its class does
     * @param next work on the skill in the next lesson; empty for none
     */
    public static GroupStep of(MoveOn own, Step ofClass, List<Work> next) {
        return new GroupStep(own.step(), own.facts(), doing(own.step(), ofClass, next));
    }

    private static String doing(Step own, Step ofClass, List<Work> next) {
        if (own == Step.LOOK) return "Look at them first.";
        int apart = rank(own) - rank(ofClass);
        if (apart == 0) return "As the class does.";
        boolean harder = apart > 0;
        if (next.isEmpty()) return harder ? "A step harder than the class." : "A step easier than the class.";
        Optional<Work> work = next.stream()
                .filter(w -> (harder ? w.harder() : w.easier()) != null)
                .findFirst();
        return work.map(w -> "In “%s” a step %s: %s."
                        .formatted(w.activity(), harder ? "harder" : "easier", harder ? w.harder() : w.easier()))
                .orElse(
                        harder
                                ? "Nothing in the next lesson has a harder step: they show it, and keep the score."
                                : "Nothing in the next lesson has an easier step: slower, nearer, or without an opponent.");
    }

    /** Looking first is no step: whoever was not looked at stays. */
    private static int rank(Step step) {
        return switch (step) {
            case BACK -> -1;
            case STAY, LOOK -> 0;
            case ON -> 1;
        };
    }
}
