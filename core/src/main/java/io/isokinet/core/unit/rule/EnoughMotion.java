package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** A child is in motion for as much of practice and play as is usual in the formation: a quarter in lanes, half elsewhere. */
public final class EnoughMotion extends Rule {
    public EnoughMotion() {
        super("enough-motion", Level.SOFT, 1, "Enough time in motion");
    }

    private static final int QUEUES = 25;
    private static final int ELSEWHERE = 50;

    /** In tenths of the minutes that are missing. */
    public static int amount(Candidate candidate) {
        if (!candidate.works() || candidate.fit() instanceof Fit.Fails) return 0;
        return Math.max(0, wanted(candidate) - candidate.motionPercent() + 9) / 10;
    }

    private static int wanted(Candidate candidate) {
        return candidate.activity().grouping().formation().queues() ? QUEUES : ELSEWHERE;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work()) {
            int off = amount(s.candidate());
            if (off > 0)
                strains.segment(s, off, () -> "%s keeps a child in motion for %d %% of the time; %d %% would be usual."
                        .formatted(s.activity().name(), s.candidate().motionPercent(), wanted(s.candidate())));
        }
    }
}
