package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.task.Toll;
import java.util.List;

/**
 * An activity at a setting in a place, with all that does not depend on what else is in the unit, as integers: prepared
 * once, so that the search does no other arithmetic about it.
 *
 * @param setting step of the main lever, from 0; 0 where there is none
 * @param place numbers the places of the problem, from 0
 * @param hosts the cues to teach that can be worked on in it, by their index among the problem's target cues, rising
 * @param shows for each of {@code hosts}, whether the teacher sees it well in it
 * @param bandPercent share of the class for whom it is neither lost nor too easy; -1 where there is nothing to hit or miss
 * @param motionPercent share of its minutes in which a child is in motion; 0 where it does not fit
 * @param milliTries tries a child gets in a minute, in thousandths
 * @param wornSeconds seconds of putting on what is worn
 * @param toll the most that it takes of a body in a lesson
 * @param aboveEasiest how many steps it is set above the easiest that is allowed
 * @param cannot the cues to teach that cannot occur in it at all, by index: a target, where there is none
 * @param sent what is rolled, thrown, kicked or struck in it, by the keys of the items
 */
public record Candidate(
        Activity activity,
        int setting,
        int place,
        Fit fit,
        List<Integer> hosts,
        List<Boolean> shows,
        int bandPercent,
        int motionPercent,
        int milliTries,
        int wornSeconds,
        Toll toll,
        int aboveEasiest,
        List<Integer> cannot,
        List<String> sent) {
    /** Within one problem the same activity, setting and place are the same candidate. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Candidate c
                        && c.setting == setting
                        && c.place == place
                        && c.activity.key().equals(activity.key());
    }

    @Override
    public int hashCode() {
        return activity.key().hashCode() + 31 * setting + 961 * place;
    }

    /** True if it fits and no caution forbids it. */
    public boolean allowed() {
        return fit instanceof Fit.Works works && works.allowed();
    }

    /** Tries a child gets in so many seconds of work; none where it does not fit. */
    int tries(int working) {
        return fit instanceof Fit.Works works ? works.tries(working) : 0;
    }

    /** The level of its rung; zero where there is none. */
    public int level() {
        return activity.rung() == null ? 0 : activity.rung().level();
    }

    /** True if a skill is practised or played in it. */
    public boolean works() {
        return activity.worksOnSkill();
    }
}
