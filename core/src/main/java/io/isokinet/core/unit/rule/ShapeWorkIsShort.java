package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Skeleton;
import io.isokinet.core.unit.Target;
import java.util.List;

/**
 * Work on the shape alone, the first rung of a ladder, is short: once a lesson, after a skill's first lesson with a new cue alone, not after its
 * second, and something above it is met in its first. Where nothing above it fits, it is all there is.
 */
public final class ShapeWorkIsShort extends Rule {
    public ShapeWorkIsShort() {
        super("shape-work-is-short", Level.SOFT, 20, "Work without the ball is short");
    }

    /** Lessons of a skill in which its shape may be worked on. */
    public static final int LESSONS = Skeleton.SHAPES;

    /** True if a segment is work on the shape alone. */
    private static boolean isShape(Segment s, String skill) {
        return s.level() == 1
                && !s.serves(LessonPhase.PLAY)
                && skill.equals(s.activity().skill());
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Target target : plan.problem().targets()) {
            String skill = target.skill();
            if (plan.reach().highest(skill) < 2) continue;
            int before = 0;
            for (List<Segment> lesson : plan.lessons()) {
                int shapes = 0;
                boolean worked = false;
                boolean above = false;
                for (Segment s : lesson) {
                    if (!skill.equals(s.activity().skill())) continue;
                    worked = true;
                    above |= s.level() > 1;
                    if (!isShape(s, skill)) continue;
                    if (++shapes > 1)
                        strains.segment(s, 1, () -> "%s works on the shape alone once more in lesson %d."
                                .formatted(s.activity().name(), plan.number(s.lesson())));
                    if (before == 1 && s.introduces().isEmpty())
                        strains.segment(s, 1, () -> "%s works on the shape alone in lesson %d, with no new cue."
                                .formatted(s.activity().name(), plan.number(s.lesson())));
                    if (before >= LESSONS)
                        strains.segment(s, 1, () -> "%s works on the shape alone, and lesson %d is past that."
                                .formatted(s.activity().name(), plan.number(s.lesson())));
                }
                if (worked && before == 0 && !above) {
                    int number = plan.number(lesson.get(0).lesson());
                    strains.lesson(lesson.get(0).lesson(), 1, () -> "%s begins in lesson %d with nothing but its shape."
                            .formatted(plan.problem().knowHow().skill(skill).name(), number));
                }
                if (worked) before++;
            }
        }
    }
}
