package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.HashMap;
import java.util.Map;

/**
 * A game is on a rung that a drill has reached, and at most one below the highest reached by then; a drill at most two below, and one in the
 * second half. In the first half one that introduces a cue may go back to the shape.
 */
public final class WorkMatchesReached extends Rule {
    public WorkMatchesReached() {
        super("work-matches-reached", Level.SOFT, 4, "Work is as hard as what was reached");
    }

    /**
     * True if a stretch may be as easy as it likes: a drill of the first half that introduces a cue.
     *
     * @param lesson index from 0
     */
    public static boolean goesBack(boolean play, int lesson, int lessons) {
        return !play && 2 * lesson < lessons;
    }

    /**
     * Rungs that work may be below the highest reached: one for a game, and for a drill in the second half.
     *
     * @param lesson index from 0
     */
    public static int allowed(boolean play, int lesson, int lessons) {
        return play || 2 * lesson >= lessons ? 1 : 2;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        for (Segment segment : plan.work()) {
            String skill = String.valueOf(segment.activity().skill());
            int before = reached.getOrDefault(skill, 0);
            boolean play = segment.serves(LessonPhase.PLAY);
            int lessons = plan.problem().lessons().size();
            int below = before - allowed(play, segment.lesson(), lessons) - segment.level();
            boolean free = goesBack(play, segment.lesson(), lessons)
                    && !segment.introduces().isEmpty();
            if (below > 0 && !free)
                strains.segment(segment, below, () -> "%s is on level %d; the class has reached level %d."
                        .formatted(segment.activity().name(), segment.level(), before));
            if (play && segment.level() > before)
                strains.segment(segment, 1, () -> "%s is on level %d, which no drill of this skill has reached yet."
                        .formatted(segment.activity().name(), segment.level()));
            if (segment.level() > before) reached.put(skill, segment.level());
        }
    }
}
