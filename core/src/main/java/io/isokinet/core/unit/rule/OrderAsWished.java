package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;

/**
 * Interleaved: each skill is in every lesson that is long enough for two. Blocked: a lesson keeps to one skill, and the skills come one
 * after the other. Mixed: blocked first, interleaved later.
 */
public final class OrderAsWished extends Rule {
    public OrderAsWished() {
        super("order-as-wished", Level.SOFT, 6, "Blocked or interleaved as wished");
    }

    /** A shorter lesson, in minutes, keeps to one skill. Common practice. */
    private static final int LONG_ENOUGH = 30;

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
            int here = lesson;
            if (off > 0)
                strains.lesson(
                        lesson,
                        off,
                        () -> blocked
                                ? isShort(plan.problem(), here)
                                        ? "Lesson %d mixes %d skills, and its %d minutes are enough for one."
                                                .formatted(
                                                        number,
                                                        skills,
                                                        plan.problem()
                                                                .lessons()
                                                                .get(here)
                                                                .minutes())
                                        : "Lesson %d mixes %d skills where one was wished.".formatted(number, skills)
                                : "Lesson %d works on %d of %d skills.".formatted(number, skills, targets));
            returning(plan, lesson, strains);
        }
    }

    /** A skill that comes back after another had its turn. */
    private static void returning(Plan plan, int lesson, Strains strains) {
        if (lesson < 2 || !inTurn(plan.problem(), lesson)) return;
        for (Target target : plan.problem().targets()) {
            if (!isIn(plan, lesson, target) || isIn(plan, lesson - 1, target)) continue;
            for (int before = 0; before < lesson - 1; before++)
                if (isIn(plan, before, target)) {
                    strains.lesson(lesson, 1, () -> "Lesson %d comes back to %s; one skill after the other was wished."
                            .formatted(
                                    plan.number(lesson),
                                    plan.problem()
                                            .knowHow()
                                            .skill(target.skill())
                                            .name()));
                    break;
                }
        }
    }

    private static boolean isIn(Plan plan, int lesson, Target target) {
        for (Segment s : plan.lessons().get(lesson))
            if (target.skill().equals(s.activity().skill())) return true;
        return false;
    }

    /** True if the skills should come one after the other up to a lesson. */
    public static boolean inTurn(UnitProblem problem, int lesson) {
        return problem.wishes().order() != Wishes.Order.INTERLEAVED && blocked(problem, lesson);
    }

    private static boolean isShort(UnitProblem problem, int lesson) {
        return isShort(problem.lessons().get(lesson).minutes());
    }

    /** True if a lesson of so many minutes keeps to one skill. */
    static boolean isShort(int minutes) {
        return minutes < LONG_ENOUGH;
    }

    /**
     * True if a lesson should keep to one skill.
     *
     * @param lesson index from 0
     */
    public static boolean blocked(UnitProblem problem, int lesson) {
        return problem.wishes().inTurn(lesson, problem.lessons().size()) || isShort(problem, lesson);
    }
}
