package io.isokinet.core.activity;

import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.skill.Rung;
import io.isokinet.core.thing.Need;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A warm-up, drill, target game, lead-up game, talk or cool-down.
 *
 * @param key a slug
 * @param phases the parts of a lesson it can serve
 * @param skill key of the skill it practises; null for warm-ups, talks and cool-downs
 * @param rung the rung of its task; null where there is no skill. A game has the rung of its task
 * @param hosts cues that can be worked on in it
 * @param showsWell those of them that the teacher can see well in it
 * @param ageFrom youngest age in years
 * @param ageTo oldest age in years
 * @param minutesLeast fewest whole minutes in which it is worth doing, the change into it included
 * @param minutesMost most minutes before it goes stale
 * @param cycle one turn; null where nobody takes turns
 * @param triesPerTurn tries a child gets in one turn
 * @param setUpSeconds time to change into it from another lay-out
 * @param layout what stands on the floor, a slug; segments of the same lay-out follow each other without set-up
 * @param fast true for work that needs a warm body
 * @param how two or three sentences for the teacher
 * @param countsAsOne what counts as one when counting; null where nothing is counted
 * @param oddChild what an odd child does; null where it does not matter
 * @param levers what makes it easier or harder, the main one first
 * @param cautions keys of cautions
 * @param question a question to ask that checks understanding; null for none
 * @param difficulty in logits, with every lever at its usual step; see {@link Difficulty}
 * @param attempt what one try is
 * @param conduct how it is run
 * @param stations the activities side by side that it is made of; empty for one by itself
 */
public record Activity(
        String key,
        String name,
        Set<LessonPhase> phases,
        @Nullable String skill,
        @Nullable Rung rung,
        List<String> hosts,
        List<String> showsWell,
        int ageFrom,
        int ageTo,
        int minutesLeast,
        int minutesMost,
        Grouping grouping,
        @Nullable TurnCycle cycle,
        int triesPerTurn,
        SpaceNeed space,
        List<Need> needs,
        int setUpSeconds,
        String layout,
        boolean fast,
        String how,
        @Nullable String countsAsOne,
        @Nullable String oddChild,
        List<Lever> levers,
        List<String> cautions,
        @Nullable String question,
        double difficulty,
        Attempt attempt,
        Conduct conduct,
        List<Activity> stations) {
    public Activity {
        phases = LessonPhase.set(phases);
        hosts = List.copyOf(hosts);
        showsWell = List.copyOf(showsWell);
        needs = List.copyOf(needs);
        levers = List.copyOf(levers);
        cautions = List.copyOf(cautions);
        stations = List.copyOf(stations);
    }

    /** What names it: its own key, or those of its stations. */
    public ActivityKeys keys() {
        return stations.isEmpty()
                ? ActivityKeys.of(key)
                : new ActivityKeys(stations.stream().map(Activity::key).toList());
    }

    public boolean serves(LessonPhase phase) {
        return phases.contains(phase);
    }

    /** True for what is done to practise or play a skill, so that cues can be met in it. */
    public boolean worksOnSkill() {
        return skill != null;
    }

    public boolean isGame() {
        return serves(LessonPhase.PLAY);
    }
}
