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

    /** What was prepared weighs so much more. Common practice. */
    private static final int PREPARED = 3;

    /** One for each segment that was not in this lesson before; three where the lesson was prepared. */
    public static int amount(UnitProblem problem, int lesson, ActivityKeys activity) {
        if (problem.before().isEmpty()) return 0;
        List<Choice> before = problem.before().get(lesson);
        if (before.isEmpty()) return 0;
        for (Choice choice : before) if (choice.activity().equals(activity)) return 0;
        return problem.lessons().get(lesson).prepared() ? PREPARED : 1;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        if (plan.problem().before().isEmpty()) return;
        for (Segment s : plan.all()) {
            int amount = amount(plan.problem(), s.lesson(), s.activity().keys());
            if (amount > 0)
                strains.segment(s, amount, () -> "%s is new in lesson %d%s."
                        .formatted(
                                s.activity().name(),
                                plan.number(s.lesson()),
                                amount == PREPARED ? ", which was prepared" : ""));
        }
    }
}
