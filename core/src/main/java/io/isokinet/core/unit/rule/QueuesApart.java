package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** Who stood in a queue moves next. */
public final class QueuesApart extends Rule {
    public QueuesApart() {
        super("queues-apart", Level.SOFT, 4, "Not queue after queue");
    }

    /** True if children wait behind one another for a turn. */
    public static boolean queues(Candidate candidate) {
        return candidate.activity().grouping().formation().queues();
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (int i = 1; i < lesson.size(); i++) {
                Segment s = lesson.get(i);
                Segment before = lesson.get(i - 1);
                if (queues(s.candidate()) && queues(before.candidate()))
                    strains.segment(s, 1, () -> "%s queues after %s queued."
                            .formatted(s.activity().name(), before.activity().name()));
            }
    }
}
