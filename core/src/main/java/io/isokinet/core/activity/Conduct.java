package io.isokinet.core.activity;

import io.isokinet.core.skill.Body;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How an activity is run, beside what the plan needs to know of it.
 *
 * @param scoring how it is scored
 * @param gathering where the children go at the stop signal
 * @param roles the parts that are played in turn; empty where all do the same
 * @param absentPartner what a child without a partner does; null where nobody has one
 * @param sitsOut what a child does who cannot take part
 * @param leaves what it builds, clears or leaves standing for the next activity; null for nothing
 * @param link another subject with one question and its answer; null for none
 * @param recap what to add where it recalls the lesson before; null for nothing
 * @param closes what to add at the end of the last lesson of a unit that it opened; null for nothing
 * @param occasion when in a unit it belongs
 * @param warms what of a body a warm-up warms; empty where it does not say
 * @param home how to do it at home; null where that makes no sense
 * @param card tasks that a child goes down in its own time, from a card; empty where there is one task
 */
public record Conduct(
        Scoring scoring,
        Gathering gathering,
        List<String> roles,
        @Nullable String absentPartner,
        String sitsOut,
        @Nullable String leaves,
        @Nullable Link link,
        @Nullable String recap,
        @Nullable String closes,
        Occasion occasion,
        Set<Body> warms,
        @Nullable String home,
        List<String> card) {
    /** For an activity that says nothing of it. */
    public static final Conduct USUAL = new Conduct(
            Scoring.NONE,
            Gathering.WHERE_THEY_ARE,
            List.of(),
            null,
            "Watches one child for the call and tells what was seen.",
            null,
            null,
            null,
            null,
            Occasion.ANY,
            Set.of(),
            null,
            List.of());

    /** A question that belongs to another subject, with its answer. */
    public record Link(String subject, String ask, String answer) {}

    public Conduct {
        roles = List.copyOf(roles);
        warms = Set.copyOf(warms);
        card = List.copyOf(card);
    }
}
