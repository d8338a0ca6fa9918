package io.isokinet.core.unit;

import io.isokinet.core.knowhow.KnowHow;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What the author would like.
 *
 * @param newCuesPerLesson at most so many new cues a lesson; null for the usual number at the age
 * @param fewLayouts true if changing what stands on the floor is a burden
 * @param skipsRungs the author's leave to climb two rungs at once
 * @param repeats the author's leave to do an activity more often than it holds interest, where little fits
 * @param favourites activities that should be in the unit
 * @param bans activities that must not be in it
 * @param weights what one count of a soft rule costs, by the rule's key, 0 to 100; rules left out cost
 *     what is usual
 * @param ending how the last lesson brings the unit together
 */
public record Wishes(
        Order order,
        @Nullable Integer newCuesPerLesson,
        Tempo tempo,
        Taste taste,
        boolean fewLayouts,
        boolean skipsRungs,
        boolean repeats,
        Set<String> favourites,
        Set<String> bans,
        Map<String, Integer> weights,
        Ending ending) {
    /** Schools of ordering. */
    public enum Order {
        /** One skill until it works, then the next. */
        BLOCKED,
        /** Skills mixed within a lesson; better kept. */
        INTERLEAVED,
        /** Blocked in the first half of the unit, interleaved in the second. */
        MIXED
    }

    /** How much is going on. */
    public enum Tempo {
        LIVELY,
        CALM,
        AS_IT_COMES
    }

    /** Whether the class likes what it knows. */
    public enum Taste {
        NEW,
        FAMILIAR,
        AS_IT_COMES
    }

    /** How a unit ends. */
    public enum Ending {
        /** A game that the class knows, with its own best to beat. */
        BESTS,
        /** A counted game that the class knows, group against group. */
        TOURNAMENT,
        /** A round of stations. */
        FESTIVAL,
        AS_IT_COMES
    }

    public static final Wishes USUAL = new Wishes(Order.INTERLEAVED, null, Set.of());

    public Wishes {
        favourites = Set.copyOf(favourites);
        bans = Set.copyOf(bans);
        weights = Map.copyOf(weights);
        for (String key : favourites)
            if (bans.contains(key))
                throw new IllegalArgumentException(
                        "An activity (%s) is a favourite and banned; take it out of one of the lists.".formatted(key));
    }

    /** With whatever end suits, and nothing repeated too often. */
    public Wishes(
            Order order,
            @Nullable Integer newCuesPerLesson,
            Tempo tempo,
            Taste taste,
            boolean fewLayouts,
            boolean skipsRungs,
            Set<String> favourites,
            Set<String> bans,
            Map<String, Integer> weights) {
        this(
                order,
                newCuesPerLesson,
                tempo,
                taste,
                fewLayouts,
                skipsRungs,
                false,
                favourites,
                bans,
                weights,
                Ending.AS_IT_COMES);
    }

    public Wishes(Order order, @Nullable Integer newCuesPerLesson, Set<String> bans) {
        this(order, newCuesPerLesson, Tempo.AS_IT_COMES, Taste.AS_IT_COMES, false, false, Set.of(), bans, Map.of());
    }

    /** The same without wishes for or against what the know-how does not have (any more). */
    public Wishes within(KnowHow known) {
        Predicate<String> has = known::hasActivity;
        return new Wishes(
                order,
                newCuesPerLesson,
                tempo,
                taste,
                fewLayouts,
                skipsRungs,
                repeats,
                favourites.stream().filter(has).collect(Collectors.toSet()),
                bans.stream().filter(has).collect(Collectors.toSet()),
                weights,
                ending);
    }

    /** The same with other bans, and leave to skip a rung or to repeat what fits, or without. */
    public Wishes easing(boolean skips, boolean again, Set<String> otherBans) {
        return new Wishes(
                order,
                newCuesPerLesson,
                tempo,
                taste,
                fewLayouts,
                skips,
                again,
                favourites,
                otherBans,
                weights,
                ending);
    }

    /** The same with other weights. */
    Wishes weighing(Map<String, Integer> others) {
        return new Wishes(
                order,
                newCuesPerLesson,
                tempo,
                taste,
                fewLayouts,
                skipsRungs,
                repeats,
                favourites,
                bans,
                others,
                ending);
    }

    /**
     * True if the skills come one after the other in a lesson of a unit.
     *
     * @param lesson index from 0
     */
    public boolean inTurn(int lesson, int lessons) {
        return order == Order.BLOCKED || order == Order.MIXED && lesson < lessons / 2;
    }

    /** Rungs that may be climbed at once. */
    public int climb() {
        return skipsRungs ? 2 : 1;
    }

    /** One below age 6, two below 8, three from 8, unless wished otherwise. */
    public int newCues(int age) {
        if (newCuesPerLesson != null) return newCuesPerLesson;
        return age < 6 ? 1 : age < 8 ? 2 : 3;
    }
}
