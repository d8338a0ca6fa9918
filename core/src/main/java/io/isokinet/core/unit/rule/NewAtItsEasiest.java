package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** A cue that is new is met at the easiest step that can be done: slow and held before fast and free, near before far. */
public final class NewAtItsEasiest extends Rule {
    public NewAtItsEasiest() {
        super("new-at-its-easiest", Level.SOFT, 20, "What is new begins at the easiest step");
    }

    /** In steps, where something is introduced. */
    public static int amount(Candidate candidate) {
        return candidate.aboveEasiest();
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (Segment s : plan.work()) {
            int over = amount(s.candidate());
            if (over > 0 && !s.introduces().isEmpty())
                strains.segment(s, over, () -> "%s introduces a cue %d %s above its easiest."
                        .formatted(s.activity().name(), over, over == 1 ? "step" : "steps"));
        }
    }
}
