package io.isokinet.core.activity;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a step of a lever sets, as facts; what it says nothing of is as the activity has it. Words are for people: no number is read
 * out of them.
 *
 * @param reach how far it is to what is aimed at, or to the partner; null where it sets no distance
 * @param limb which hand or foot; null where it sets none
 * @param brings what it makes of the things
 * @param opening how wide the gate or the target is, in metres; null where it sets none
 * @param tempo how fast it is done; null where it sets none
 * @param moving who moves that stands otherwise; null where nobody does
 * @param amounts what else it sets as a number
 */
public record StepFacts(
        @Nullable Reach reach,
        @Nullable Limb limb,
        List<Brings> brings,
        @Nullable Double opening,
        @Nullable Tempo tempo,
        @Nullable Mover moving,
        Map<Amount, Double> amounts) {
    /** Who moves while it is done. */
    public enum Mover {
        SELF,
        PARTNER,
        TARGET,
        OPPONENT
    }

    /** Which of two hands, feet or legs. */
    public enum Limb {
        PREFERRED,
        OTHER,
        BOTH,
        /** As it is called. */
        CALLED
    }

    public static final StepFacts NONE = new StepFacts(null, null);

    public StepFacts {
        brings = List.copyOf(brings);
        amounts = Map.copyOf(amounts);
        amounts.forEach(Amount::check);
        if (opening != null && !(opening > 0 && opening <= 10))
            throw new IllegalArgumentException(
                    "An opening is more than 0 m and at most 10 m wide, not %s m.".formatted(opening));
    }

    /** One that sets how far and which limb, and nothing else. */
    public StepFacts(@Nullable Reach reach, @Nullable Limb limb) {
        this(reach, limb, List.of(), null, null, null, Map.of());
    }

    public static StepFacts of(Reach reach) {
        return new StepFacts(reach, null);
    }

    public static StepFacts of(Limb limb) {
        return new StepFacts(null, limb);
    }

    public static StepFacts of(Brings brings) {
        return new StepFacts(null, null, List.of(brings), null, null, null, Map.of());
    }

    public static StepFacts of(Tempo tempo) {
        return new StepFacts(null, null, List.of(), null, tempo, null, Map.of());
    }

    /** A gate or target of so many metres. */
    public static StepFacts wide(double opening) {
        return new StepFacts(null, null, List.of(), opening, null, null, Map.of());
    }

    /** These, and what they leave open as the others have it. */
    public StepFacts or(StepFacts others) {
        Map<Amount, Double> both = new HashMap<>(others.amounts);
        both.putAll(amounts);
        return new StepFacts(
                reach == null ? others.reach : reach,
                limb == null ? others.limb : limb,
                brings.isEmpty() ? others.brings : brings,
                opening == null ? others.opening : opening,
                tempo == null ? others.tempo : tempo,
                moving == null ? others.moving : moving,
                both);
    }

    /** What it sets of something; null where it sets nothing. */
    public @Nullable Double amount(Amount of) {
        return amounts.get(of);
    }
}
