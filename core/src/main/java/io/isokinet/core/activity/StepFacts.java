package io.isokinet.core.activity;

import org.jspecify.annotations.Nullable;

/**
 * What a step of a lever sets, as facts; what it says nothing of is as the activity has it. Words are for people: no number is read
 * out of them.
 *
 * @param reach how far it is to what is aimed at, or to the partner; null where it sets no distance
 * @param limb which hand or foot; null where it sets none
 */
public record StepFacts(@Nullable Reach reach, @Nullable Limb limb) {
    /** Which of two hands, feet or legs. */
    public enum Limb {
        PREFERRED,
        OTHER,
        BOTH,
        /** As it is called. */
        CALLED
    }

    public static final StepFacts NONE = new StepFacts(null, null);

    public static StepFacts of(Reach reach) {
        return new StepFacts(reach, null);
    }

    public static StepFacts of(Limb limb) {
        return new StepFacts(null, limb);
    }
}
