package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Cues are introduced in the first two thirds of a unit. */
public final class EveryCueIntroducedInTime extends Rule {
    public EveryCueIntroducedInTime() {
        super("every-cue-introduced-in-time", Level.SOFT, 1, "Cues are introduced in time");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int last = plan.problem().lastIntroLesson();
        for (int lesson = last + 1; lesson < plan.lessons().size(); lesson++)
            for (Segment s : plan.lessons().get(lesson))
                if (!s.introduces().isEmpty())
                    strains.segment(
                            s,
                            s.introduces().size(),
                            () -> "%s introduces a cue in lesson %d of %d, too late to meet it often."
                                    .formatted(
                                            s.activity().name(),
                                            plan.number(s.lesson()),
                                            plan.lessons().size()));
    }
}
