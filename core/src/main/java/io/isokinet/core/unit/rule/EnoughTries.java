package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Where children take turns, each has a try a minute in a queue and two elsewhere. */
public final class EnoughTries extends Rule {
    public EnoughTries() {
        super("enough-tries", Level.SOFT, 1, "Enough tries for each child");
    }

    /** In half tries a minute that are missing. */
    public static int amount(Candidate candidate) {
        if (candidate.activity().cycle() == null || candidate.fit() instanceof Fit.Fails) return 0;
        int wanted = wanted(candidate);
        return Math.max(0, wanted * 1000 - candidate.milliTries() + 499) / 500;
    }

    private static int wanted(Candidate candidate) {
        return candidate.activity().grouping().formation().queues() ? 1 : 2;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work()) {
            int off = amount(s.candidate());
            if (off > 0)
                strains.segment(s, off, () -> "%s gives %d tries in %d minutes; about %d would be usual."
                        .formatted(s.activity().name(), s.tries(), s.minutes(), wanted(s.candidate()) * s.minutes()));
        }
    }
}
