package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** No two whole lessons without the cue until it was met in three lessons, no three after. */
public final class NoLongGap extends Rule {
    public NoLongGap() {
        super("no-long-gap", Level.SOFT, 4, "No cue is dropped for long");
    }

    private static final int SETTLED = 3;

    @Override
    public void judge(Plan plan, Strains strains) {
        for (String cue : plan.targetCues()) {
            int in = 0;
            int last = -1;
            for (Segment s : plan.meeting(cue)) {
                if (s.lesson() == last) continue;
                int between = s.lesson() - last - 1;
                int allowed = in < SETTLED ? 1 : 2;
                int before = in > 0 ? plan.number(last) : 0;
                if (in > 0 && between > allowed)
                    strains.unit(between - allowed, () -> "“%s” is not met for %d lessons after lesson %d."
                            .formatted(plan.problem().knowHow().cue(cue).call(), between, before));
                in++;
                last = s.lesson();
            }
        }
    }
}
