package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** The minutes of a lesson's segments add up to its usable minutes. */
public final class MinutesAddUp extends Rule {
    public MinutesAddUp() {
        super("minutes-add-up", Level.HARD, 1, "Minutes add up to the lesson's");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int usable = plan.problem().lessons().get(lesson).minutes();
            int sum = 0;
            for (Segment s : plan.lessons().get(lesson)) sum += s.minutes();
            int number = plan.number(lesson);
            int adds = sum;
            if (sum != usable)
                strains.lesson(
                        lesson, Math.abs(sum - usable), () -> "Lesson %d has %d usable minutes; its parts add up to %d."
                                .formatted(number, usable, adds));
        }
    }
}
