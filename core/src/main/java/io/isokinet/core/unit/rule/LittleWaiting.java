package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Nobody stands about for most of a stretch. */
public final class LittleWaiting extends Rule {
    public LittleWaiting() {
        super("little-waiting", Level.SOFT, 2, "Little waiting");
    }

    /** In two of a pair of whom one acts each waits half of the time, and watches. Common practice. */
    private static final int USUAL = 50;

    /** In tenths of the time beyond half. */
    public static int amount(Candidate candidate) {
        if (!candidate.works() || !(candidate.fit() instanceof Fit.Works works)) return 0;
        return Math.max(0, works.turn().waitingPercent() - USUAL + 9) / 10;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work()) {
            int off = amount(s.candidate());
            if (off > 0 && s.fit() instanceof Fit.Works works)
                strains.segment(s, off, () -> "In %s each child waits %d %% of the time."
                        .formatted(s.activity().name(), works.turn().waitingPercent()));
        }
    }
}
