package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** A task is set so that for two children in five, which is about as many as can be, it is neither lost nor too easy. */
public final class RightChallenge extends Rule {
    public RightChallenge() {
        super("right-challenge", Level.SOFT, 2, "Each task is about right for the class");
    }

    private static final int WANTED = 40;

    /**
     * In tenths of the class that are missing.
     *
     * @param band share of the class in the band, in per cent; below zero if there is none
     */
    public static int amount(int band) {
        return band < 0 ? 0 : Math.max(0, WANTED - band + 9) / 10;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work()) {
            int off = amount(s.candidate().bandPercent());
            if (off > 0)
                strains.segment(s, off, () -> "%s suits about %d %% of the class as it is set; %d %% would be usual."
                        .formatted(s.activity().name(), s.candidate().bandPercent(), WANTED));
        }
    }
}
