package io.isokinet.core.unit.rule;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.task.Toll;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** No lesson takes more of a body than it should: what the sheet would flag is never planned. */
public final class LoadKept extends Rule {
    public LoadKept() {
        super("load-kept", Level.HARD, 1, "No lesson takes too much of a body");
    }

    /** What a lesson takes of a body. */
    static Toll of(Plan plan, int lesson) {
        Toll toll = Toll.NONE;
        List<Segment> segments = plan.lessons().get(lesson);
        for (int i = 0; i < segments.size(); i++)
            if (segments.get(i).candidate().toll() != Toll.NONE)
                toll = toll.and(segments.get(i).candidate().toll());
        return toll;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Age age = plan.problem().profile().age();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            Toll sum = of(plan, lesson);
            int over = sum.over(age);
            if (over > 0) strains.lesson(lesson, over, () -> String.join(" ", sum.findings(age)));
        }
    }
}
