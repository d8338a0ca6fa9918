package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Nothing is done that a caution forbids with this place, age and kit. */
public final class CautionsKept extends Rule {
    public CautionsKept() {
        super("cautions-kept", Level.HARD, 10, "No caution forbids it");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.all())
            if (s.fit() instanceof Fit.Works works)
                for (Caution caution : works.cautions())
                    if (caution.forbids()) strains.segment(s, 1, caution::sentence);
    }
}
