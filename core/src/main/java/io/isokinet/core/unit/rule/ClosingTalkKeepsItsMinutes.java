package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** A lesson ends with its closing talk, which has at least the minutes its activity needs. */
public final class ClosingTalkKeepsItsMinutes extends Rule {
    public ClosingTalkKeepsItsMinutes() {
        super("closing-talk-keeps-its-minutes", Level.HARD, 10, "The closing talk keeps its minutes");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons()) {
            if (lesson.isEmpty()) continue;
            Segment last = lesson.get(lesson.size() - 1);
            int least = last.activity().minutesLeast();
            if (!last.serves(LessonPhase.CLOSE))
                strains.segment(last, 1, () -> "Lesson %d ends with %s instead of a closing talk."
                        .formatted(plan.number(last.lesson()), last.activity().name()));
            else if (last.minutes() < least)
                strains.segment(last, 1, () -> "%s needs %d minutes and has %d."
                        .formatted(last.activity().name(), least, last.minutes()));
        }
    }
}
