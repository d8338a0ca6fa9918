package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Tempo;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.task.Asked;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;
import org.jspecify.annotations.Nullable;

/**
 * Lively: a child moves for half of the time or more in practice and play. Calm: slow, held and still work; what is quick, and
 * what makes children queue, is not calm.
 */
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
            case CALM -> isStill(candidate) ? 0 : Math.max(0, over + 9) / 10 + unrest(candidate);
            case AS_IT_COMES -> 0;
        };
    }

    private static @Nullable Asked asked(Candidate candidate) {
        return candidate.fit() instanceof Fit.Works works ? works.task().asked() : null;
    }

    private static boolean isStill(Candidate candidate) {
        Asked asked = asked(candidate);
        if (asked == null) return false;
        Double hold = asked.facts().amount(Amount.HOLD);
        return asked.tempo() == Tempo.SLOW || hold != null && hold > 0;
    }

    private static int unrest(Candidate candidate) {
        Activity activity = candidate.activity();
        Asked asked = asked(candidate);
        boolean quick = activity.fast() || asked != null && asked.tempo() == Tempo.FULL;
        return (quick ? 2 : 0) + (activity.grouping().formation().queues() ? 1 : 0);
    }

    /** Why it is not what was wished, in words. */
    private static String why(Candidate candidate, Wishes.Tempo tempo) {
        return tempo == Wishes.Tempo.CALM && candidate.motionPercent() <= HALF
                ? unrest(candidate) > 1 ? "is quick work" : "makes children queue"
                : "has a child in motion for %d %% of the time".formatted(candidate.motionPercent());
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Wishes.Tempo tempo = plan.problem().wishes().tempo();
        if (tempo == Wishes.Tempo.AS_IT_COMES) return;
        for (Segment s : plan.work()) {
            int off = amount(s.candidate(), tempo);
            if (off > 0)
                strains.segment(s, off, () -> "%s %s; a %s unit was wished for."
                        .formatted(
                                s.activity().name(),
                                why(s.candidate(), tempo),
                                tempo == Wishes.Tempo.LIVELY ? "lively" : "calm"));
        }
    }
}
