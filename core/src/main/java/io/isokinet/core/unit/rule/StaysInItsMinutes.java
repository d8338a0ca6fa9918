package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** An activity has at least the minutes in which it is worth doing and at most those before it goes stale. */
public final class StaysInItsMinutes extends Rule {
    public StaysInItsMinutes() {
        super("stays-in-its-minutes", Level.SOFT, 3, "Each activity has its minutes");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.all()) {
            int least = s.activity().minutesLeast();
            int most = s.activity().minutesMost();
            int off = Math.max(least - s.minutes(), s.minutes() - most);
            if (off > 0)
                strains.segment(s, off, () -> "%s has %d minutes; %d to %d suit it."
                        .formatted(s.activity().name(), s.minutes(), least, most));
        }
    }
}
