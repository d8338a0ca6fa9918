package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import java.util.List;

/** In every lesson a skill is worked on as high as it has been before, and by the last it is on rung four, or as high as there are lessons. */
public final class DifficultyRises extends Rule {
    public DifficultyRises() {
        super("difficulty-rises", Level.SOFT, 8, "Difficulty rises");
    }

    private static final int TOP = 4;

    /**
     * The rung that drills should reach: one a lesson up to the fourth, as far as there are drills.
     *
     * @param within the highest rung with a drill that fits
     */
    public static int wanted(int lessons, int within) {
        return Math.min(within, Math.min(TOP, lessons));
    }

    /** What it costs if a skill never leaves its first level, though it could: as much as four levels. */
    public static final int STUCK = 4;

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Target target : plan.problem().targets()) {
            int highest = 0;
            int most = 0;
            int falls = 0;
            for (List<Segment> lesson : plan.lessons()) {
                int top = 0;
                for (Segment s : lesson) {
                    if (s.level() <= Math.min(top, most)
                            || !target.skill().equals(s.activity().skill())) continue;
                    most = Math.max(most, s.level());
                    if (!s.serves(LessonPhase.PLAY)) top = Math.max(top, s.level());
                }
                if (top > 0) falls += Math.max(0, highest - top);
                highest = Math.max(highest, top);
            }
            int wanted = wanted(plan.lessons().size(), plan.reach().highestDrill(target.skill()));
            int reached = highest;
            int stuck = most == 1 && plan.reach().highest(target.skill()) > 1 ? STUCK : 0;
            int off = falls + stuck + (highest == 0 ? 0 : Math.max(0, wanted - highest));
            boolean fell = falls > 0;
            if (off > 0)
                strains.unit(off, () -> "%s reaches level %d%s%s."
                        .formatted(
                                plan.problem().knowHow().skill(target.skill()).name(),
                                reached,
                                fell ? " and falls back on the way" : "",
                                reached < wanted ? "; level %d is within reach".formatted(wanted) : ""));
        }
    }
}
