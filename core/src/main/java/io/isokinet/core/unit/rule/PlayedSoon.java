package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import java.util.List;

/** What is practised is played in its lesson or the next; in the last lesson it may have been in the one before. */
public final class PlayedSoon extends Rule {
    public PlayedSoon() {
        super("played-soon", Level.MEDIUM, 1, "What is practised is played soon");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int last = plan.lessons().size() - 1;
        for (Target target : plan.problem().targets()) {
            String skill = target.skill();
            if (!plan.reach().isPlayed(skill)) continue;
            for (int lesson = 0; lesson <= last; lesson++) {
                if (!has(plan.lessons().get(lesson), skill, false)) continue;
                int other = other(lesson, last);
                if (has(plan.lessons().get(lesson), skill, true)
                        || other >= 0 && has(plan.lessons().get(other), skill, true)) continue;
                int number = plan.number(lesson);
                strains.lesson(lesson, 1, () -> "%s is practised in lesson %d and not played there or in the next."
                        .formatted(plan.problem().knowHow().skill(skill).name(), number));
            }
        }
    }

    /** The lesson beside one in which its skills may be played; below zero for none. */
    public static int other(int lesson, int last) {
        return lesson < last ? lesson + 1 : lesson - 1;
    }

    private static boolean has(List<Segment> lesson, String skill, boolean play) {
        for (Segment s : lesson)
            if (s.serves(LessonPhase.PLAY) == play && skill.equals(s.activity().skill())) return true;
        return false;
    }
}
