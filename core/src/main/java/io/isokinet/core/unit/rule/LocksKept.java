package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;

/** What is locked stays in its lesson. */
public final class LocksKept extends Rule {
    public LocksKept() {
        super("locks-kept", Level.HARD, 10, "Locks are kept");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int number = plan.number(lesson);
            for (Choice lock : plan.problem().locks().get(lesson).values())
                if (plan.lessons().get(lesson).stream()
                        .noneMatch(s ->
                                s.id().equals(lock.id()) && s.activity().keys().equals(lock.activity())))
                    strains.lesson(lesson, 1, () -> "%s is locked in lesson %d and is gone from it."
                            .formatted(
                                    plan.problem()
                                            .knowHow()
                                            .activity(lock.activity())
                                            .name(),
                                    number));
        }
    }
}
