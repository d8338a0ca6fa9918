package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;

/** Interleaved: each skill is in every lesson. Blocked: a lesson keeps to one skill. Mixed: blocked first, interleaved later. */
public final class OrderAsWished extends Rule {
    public OrderAsWished() {
        super("order-as-wished", Level.SOFT, 6, "Blocked or interleaved as wished");
    }

    @Override
    boolean isWished(Wishes wishes) {
        return wishes.order() != Wishes.Order.INTERLEAVED;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int targets = plan.problem().targets().size();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int sum = 0;
            for (Target target : plan.problem().targets())
                for (Segment s : plan.lessons().get(lesson))
                    if (target.skill().equals(s.activity().skill())) {
                        sum++;
                        break;
                    }
            int skills = sum;
            boolean blocked = blocked(plan.problem(), lesson);
            int off = skills == 0 ? 0 : Math.abs(skills - (blocked ? 1 : targets));
            int number = plan.number(lesson);
            if (off > 0)
                strains.lesson(
                        lesson,
                        off,
                        () -> blocked
                                ? "Lesson %d mixes %d skills where one was wished.".formatted(number, skills)
                                : "Lesson %d works on %d of %d skills.".formatted(number, skills, targets));
        }
    }

    /**
     * True if a lesson should keep to one skill.
     *
     * @param lesson index from 0
     */
    public static boolean blocked(UnitProblem problem, int lesson) {
        return switch (problem.wishes().order()) {
            case BLOCKED -> true;
            case INTERLEAVED -> false;
            case MIXED -> lesson < problem.lessons().size() / 2;
        };
    }
}
