package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Age, floor, ceiling, group sizes and kit allow the activity. */
public final class ActivityFits extends Rule {
    public ActivityFits() {
        super("activity-fits", Level.HARD, 10, "Every activity fits class, place and kit");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.all())
            if (s.fit() instanceof Fit.Fails fails) strains.segment(s, 1, () -> String.join(" ", fails.reasons()));
    }
}
