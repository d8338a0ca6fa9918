package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Practice and play have at least one introduced cue in focus. */
public final class WorkHasACue extends Rule {
    public WorkHasACue() {
        super("work-has-a-cue", Level.MEDIUM, 2, "Every drill and game has a cue");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work())
            if (s.focus().isEmpty())
                strains.segment(s, 1, () -> "%s has no introduced cue to work on."
                        .formatted(s.activity().name()));
    }
}
