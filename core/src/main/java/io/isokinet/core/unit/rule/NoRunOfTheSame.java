package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Skeleton;
import java.util.List;

/** One activity twice in a row, or in a lesson, is one stretch; and no activity carries a unit alone. */
public final class NoRunOfTheSame extends Rule {
    public NoRunOfTheSame() {
        super("no-run-of-the-same", Level.SOFT, 20, "No run of the same");
    }

    /** What a use too many costs: as much as two stretches in a row. */
    public static final int WORN = 2;

    private static boolean same(Segment one, Segment other) {
        return one.activity().key().equals(other.activity().key());
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        List<Segment> work = plan.work();
        for (int i = 0; i < work.size(); i++) {
            Segment s = work.get(i);
            boolean run = i > 0 && same(work.get(i - 1), s);
            boolean again = false;
            for (int e = i - 2; e >= 0 && !run && work.get(e).lesson() == s.lesson(); e--)
                again |= same(work.get(e), s);
            int before = 0;
            for (int e = i - 1; e >= 0 && s.lesson() - work.get(e).lesson() < Skeleton.IN_LESSONS; e--)
                if (same(work.get(e), s)) before++;
            if (run)
                strains.segment(s, 1, () -> "%s comes twice in a row."
                        .formatted(s.activity().name()));
            else if (again)
                strains.segment(s, 1, () -> "%s comes twice in lesson %d."
                        .formatted(s.activity().name(), plan.number(s.lesson())));
            if (before >= Skeleton.USES)
                strains.segment(s, WORN, () -> "%s comes more than %d times within %d lessons."
                        .formatted(s.activity().name(), Skeleton.USES, Skeleton.IN_LESSONS));
        }
    }
}
