package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;

/** Lively: a child moves for half of the time or more in practice and play. Calm: for half or less. */
public final class LivelyOrCalm extends Rule {
    public LivelyOrCalm() {
        super("lively-or-calm", Level.SOFT, 2, "Lively or calm as wished");
    }

    private static final int HALF = 50;

    /** In tenths of the minutes on the wrong side of half. */
    public static int amount(Candidate candidate, Wishes.Tempo tempo) {
        if (!candidate.works() || candidate.fit() instanceof Fit.Fails) return 0;
        int over = candidate.motionPercent() - HALF;
        return switch (tempo) {
            case LIVELY -> Math.max(0, -over + 9) / 10;
            case CALM -> Math.max(0, over + 9) / 10;
            case AS_IT_COMES -> 0;
        };
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Wishes.Tempo tempo = plan.problem().wishes().tempo();
        if (tempo == Wishes.Tempo.AS_IT_COMES) return;
        for (Segment s : plan.work()) {
            int off = amount(s.candidate(), tempo);
            if (off > 0)
                strains.segment(
                        s, off, () -> "%s has a child in motion for %d %% of the time; a %s unit was wished for."
                                .formatted(
                                        s.activity().name(),
                                        s.candidate().motionPercent(),
                                        tempo == Wishes.Tempo.LIVELY ? "lively" : "calm"));
        }
    }
}
