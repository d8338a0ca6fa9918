package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;

/** Changing what stands on the floor takes time from the class. */
public final class FewLayouts extends Rule {
    public FewLayouts() {
        super("few-layouts", Level.SOFT, 1, "Few changes of the lay-out");
    }

    /**
     * In half minutes begun.
     *
     * @param seconds to change into it
     */
    public static int amount(int seconds) {
        return (seconds + 29) / 30;
    }

    @Override
    boolean isWished(Wishes wishes) {
        return wishes.fewLayouts();
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.all()) {
            int off = amount(s.changeSeconds());
            if (off > 0)
                strains.segment(s, off, () -> "%d s of %s go into changing the lay-out."
                        .formatted(s.changeSeconds(), s.activity().name()));
        }
    }
}
