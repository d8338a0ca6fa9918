package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import java.util.List;

/** A replan leaves what was planned where it can. */
public final class LittleChanges extends Rule {
    public static final String KEY = "little-changes";

    public LittleChanges() {
        super(KEY, Level.SOFT, 6, "A replan changes little");
    }

    /** One for each segment that was not in this lesson before. */
    public static int amount(UnitProblem problem, int lesson, ActivityKeys activity) {
        if (problem.before().isEmpty()) return 0;
        List<Choice> before = problem.before().get(lesson);
        if (before.isEmpty()) return 0;
        for (Choice choice : before) if (choice.activity().equals(activity)) return 0;
        return 1;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        if (plan.problem().before().isEmpty()) return;
        for (Segment s : plan.all())
            if (amount(plan.problem(), s.lesson(), s.activity().keys()) > 0)
                strains.segment(s, 1, () -> "%s is new in lesson %d."
                        .formatted(s.activity().name(), plan.number(s.lesson())));
    }
}
