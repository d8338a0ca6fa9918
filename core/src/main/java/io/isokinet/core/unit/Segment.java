package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a lesson as the reading made it.
 *
 * @param lesson index from 0
 * @param position index within the lesson, from 0
 * @param candidate the activity at its setting
 * @param minutes whole minutes, the change into it included
 * @param changeSeconds of those, spent on changing into it
 * @param introduces cues taught here for the first time, in a short freeze
 * @param focus one or two cues worked on, introductions included
 * @param watch the cue the teacher looks for here; null for none
 * @param tries a child gets, zero where nothing is tried
 * @param looks the teacher can make
 */
public record Segment(
        String id,
        int lesson,
        int position,
        Set<LessonPhase> phases,
        Candidate candidate,
        boolean locked,
        int minutes,
        int changeSeconds,
        List<String> introduces,
        List<String> focus,
        @Nullable String watch,
        int tries,
        int looks) {
    public Activity activity() {
        return candidate.activity();
    }

    /** Step of the activity's main lever, from 0. */
    public int setting() {
        return candidate.setting();
    }

    /** The step before the one that is set; null where it is the easiest. */
    public @Nullable String easier() {
        return step(setting() - 1);
    }

    /** The step after the one that is set; null where it is the hardest. */
    public @Nullable String harder() {
        return step(setting() + 1);
    }

    private @Nullable String step(int index) {
        if (activity().levers().isEmpty()) return null;
        List<String> steps = activity().levers().get(0).steps();
        return index < 0 || index >= steps.size() ? null : steps.get(index);
    }

    public Fit fit() {
        return candidate.fit();
    }

    public boolean serves(LessonPhase phase) {
        return phases.contains(phase);
    }

    /** True if a skill is practised or played in it. */
    public boolean works() {
        return candidate.works();
    }

    /** The level of its rung; zero where there is none. */
    public int level() {
        return candidate.level();
    }
}
