package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Skeleton;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One activity twice in a row, or in a lesson, is one stretch; and no activity carries a unit alone. */
public final class NoRunOfTheSame extends Rule {
    public NoRunOfTheSame() {
        super("no-run-of-the-same", Level.SOFT, 20, "No run of the same");
    }

    /** Uses of one activity that a unit may have. */
    public static int allowed(int lessons) {
        return Skeleton.uses(lessons);
    }

    private static boolean same(Segment one, Segment other) {
        return one.activity().key().equals(other.activity().key());
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        List<Segment> work = plan.work();
        int allowed = allowed(plan.lessons().size());
        Map<String, Integer> uses = new HashMap<>();
        for (int i = 0; i < work.size(); i++) {
            Segment s = work.get(i);
            boolean run = i > 0 && same(work.get(i - 1), s);
            boolean again = false;
            for (int e = i - 2; e >= 0 && !run && work.get(e).lesson() == s.lesson(); e--)
                again |= same(work.get(e), s);
            boolean worn = uses.merge(s.activity().key(), 1, Integer::sum) > allowed;
            if (run)
                strains.segment(s, 1, () -> "%s comes twice in a row."
                        .formatted(s.activity().name()));
            else if (again)
                strains.segment(s, 1, () -> "%s comes twice in lesson %d."
                        .formatted(s.activity().name(), plan.number(s.lesson())));
            if (worn)
                strains.segment(s, 1, () -> "%s is done more than %d times."
                        .formatted(s.activity().name(), allowed));
        }
    }
}
