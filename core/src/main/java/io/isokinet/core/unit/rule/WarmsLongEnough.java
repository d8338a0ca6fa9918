package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** A warm-up has three minutes or more. Common practice. */
public final class WarmsLongEnough extends Rule {
    /** In minutes, the change into it included. */
    public static final int LEAST = 3;

    public WarmsLongEnough() {
        super("warms-long-enough", Level.SOFT, 3, "The warm-up is long enough");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.all())
            if (s.serves(LessonPhase.WARM) && s.minutes() < LEAST)
                strains.segment(s, LEAST - s.minutes(), () -> "%s has %d minutes; a warm-up needs %d."
                        .formatted(s.activity().name(), s.minutes(), LEAST));
    }
}
