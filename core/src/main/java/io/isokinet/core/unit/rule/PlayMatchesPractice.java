package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strains;
import java.util.HashMap;
import java.util.Map;

/** A game is at most one rung below the highest that the skill has reached by then. */
public final class PlayMatchesPractice extends Rule {
    public PlayMatchesPractice() {
        super(Level.SOFT, "Play is as hard as practice");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        for (Segment segment : plan.work()) {
            String skill = String.valueOf(segment.activity().skill());
            int before = reached.getOrDefault(skill, 0);
            int below = before - 1 - segment.level();
            if (below > 0 && segment.serves(LessonPhase.PLAY))
                strains.segment(segment, below, () -> "%s is on rung %d; the class has reached rung %d."
                        .formatted(segment.activity().name(), segment.level(), before));
            if (segment.level() > before) reached.put(skill, segment.level());
        }
    }
}
