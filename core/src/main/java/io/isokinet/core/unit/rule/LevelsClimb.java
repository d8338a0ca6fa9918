package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.HashMap;
import java.util.Map;

/** A segment on a rung needs an earlier one on the rung below, or a record that the class was there, or the author's leave to skip one. */
public final class LevelsClimb extends Rule {
    public LevelsClimb() {
        super("levels-climb", Level.HARD, 10, "Levels are climbed one at a time");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        int step = plan.problem().wishes().climb();
        for (Segment segment : plan.work()) {
            String skill = String.valueOf(segment.activity().skill());
            int before = reached.getOrDefault(skill, 0);
            int over = plan.reach().needed(skill, segment.level(), step) - before;
            if (over > 0)
                strains.segment(
                        segment, over, () -> "%s is on level %d; the class has only been on level %d of this skill."
                                .formatted(segment.activity().name(), segment.level(), before));
            if (segment.level() > before) reached.put(skill, segment.level());
        }
    }
}
