package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** The last piece of work in a lesson is play. */
public final class EndsInPlay extends Rule {
    public EndsInPlay() {
        super("ends-in-play", Level.MEDIUM, 5, "Every lesson ends in play");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (int i = lesson.size() - 1; i >= 0; i--) {
                Segment last = lesson.get(i);
                if (!last.works()) continue;
                if (!last.serves(LessonPhase.PLAY))
                    strains.segment(last, 1, () -> "Lesson %d ends with %s, which is not play."
                            .formatted(
                                    plan.number(last.lesson()), last.activity().name()));
                break;
            }
    }
}
