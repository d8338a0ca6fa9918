package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.EnumSet;
import java.util.Set;

/** Warm-up, recap from the second lesson on, practice, play, tidying and a closing talk are there. */
public final class PhasesServed extends Rule {
    public PhasesServed() {
        super("phases-served", Level.HARD, 10, "Every lesson has its parts");
    }

    private static final Set<LessonPhase> NEEDED =
            EnumSet.of(LessonPhase.WARM, LessonPhase.PRACTISE, LessonPhase.PLAY, LessonPhase.TIDY, LessonPhase.CLOSE);

    @Override
    public void judge(Plan plan, Strains strains) {
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            Set<LessonPhase> missing = EnumSet.copyOf(NEEDED);
            if (lesson > 0) missing.add(LessonPhase.RECAP);
            for (Segment segment : plan.lessons().get(lesson))
                missing.removeIf(p -> segment.serves(p) && segment.activity().serves(p));
            int number = plan.number(lesson);
            for (LessonPhase phase : missing)
                strains.lesson(lesson, 1, () -> "Lesson %d has no %s.".formatted(number, phase.label()));
        }
    }
}
