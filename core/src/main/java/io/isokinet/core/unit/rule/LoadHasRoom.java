package io.isokinet.core.unit.rule;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.unit.Plan;

/** A lesson that comes near what a body should have leaves no room for the yard, the club and the day before. */
public final class LoadHasRoom extends Rule {
    public LoadHasRoom() {
        super("load-has-room", Level.SOFT, 2, "A lesson stays clear of what a body may have");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Age age = plan.problem().profile().age();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int near = LoadKept.of(plan, lesson).near(age);
            if (near > 0)
                strains.lesson(
                        lesson,
                        near,
                        () ->
                                "%d tries come near what a body may have in one lesson; softer, or with turns, leaves room."
                                        .formatted(near));
        }
    }
}
