package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** A warm-up comes before fast work. */
public final class WarmBeforeFast extends Rule {
    public WarmBeforeFast() {
        super("warm-before-fast", Level.HARD, 10, "Warm before fast work");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (Segment s : lesson) {
                if (s.serves(LessonPhase.WARM)) break;
                if (s.activity().fast())
                    strains.segment(s, 1, () -> "%s is fast work and stands before the warm-up of lesson %d."
                            .formatted(s.activity().name(), plan.number(s.lesson())));
            }
    }
}
