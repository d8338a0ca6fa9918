package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Cues are introduced in the lesson and in the order that the teacher decided on. */
public final class CueChoicesKept extends Rule {
    public CueChoicesKept() {
        super("cue-choices-kept", Level.HARD, 10, "The teacher's choice of cues is kept");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        List<Target> targets = plan.problem().targets();
        for (int k = 0; k < targets.size(); k++) {
            Target target = targets.get(k);
            if (target.cues().isOrdered()) CuesInOrder.outOfOrder(plan, k, strains);
            target.cues().pins().forEach((cue, lesson) -> pinned(plan, cue, strains));
        }
    }

    private static void pinned(Plan plan, String cue, Strains strains) {
        int lesson = plan.problem().pin(cue);
        if (lesson < 0) return;
        @Nullable Segment at = plan.introduction(cue);
        if (at != null && at.lesson() == lesson) return;
        strains.lesson(lesson, 1, () -> "“%s” is meant for lesson %d and %s."
                .formatted(
                        plan.problem().knowHow().cue(cue).call(),
                        plan.number(lesson),
                        at == null
                                ? "is not introduced at all"
                                : "is introduced in lesson " + plan.number(at.lesson())));
    }
}
