package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Skeleton;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One activity twice in a row is one stretch; and no activity carries a unit alone. */
public final class NoRunOfTheSame extends Rule {
    public NoRunOfTheSame() {
        super("no-run-of-the-same", Level.SOFT, 20, "No run of the same");
    }

    /** Uses of one activity that a unit may have. */
    public static int allowed(int lessons) {
        return Skeleton.uses(lessons);
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        List<Segment> work = plan.work();
        int allowed = allowed(plan.lessons().size());
        Map<String, Integer> uses = new HashMap<>();
        Segment before = null;
        for (Segment s : work) {
            boolean run = before != null
                    && before.activity().key().equals(s.activity().key());
            boolean worn = uses.merge(s.activity().key(), 1, Integer::sum) > allowed;
            if (run)
                strains.segment(s, 1, () -> "%s comes twice in a row."
                        .formatted(s.activity().name()));
            if (worn)
                strains.segment(s, 1, () -> "%s is done more than %d times."
                        .formatted(s.activity().name(), allowed));
            before = s;
        }
    }
}
