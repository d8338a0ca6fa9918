package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** A locked segment stays in its lesson with its activity. */
public final class LocksKept implements Rule {
    @Override
    public String name() {
        return "What is locked stays";
    }

    @Override
    public Level level() {
        return Level.HARD;
    }

    @Override
    public int weight() {
        return 10;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        List<Strain> strains = new ArrayList<>();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int number = lesson;
            for (Choice lock : plan.problem().locks().get(lesson).values()) {
                boolean kept = plan.lessons().get(lesson).stream()
                        .anyMatch(s ->
                                s.id().equals(lock.id()) && s.activity().key().equals(lock.activity()));
                if (!kept)
                    strains.add(Strain.lesson(this, lesson, 1, () -> "%s is locked in lesson %d and is gone from it."
                            .formatted(
                                    plan.problem()
                                            .knowHow()
                                            .activity(lock.activity())
                                            .name(),
                                    number + 1)));
            }
        }
        return strains.stream();
    }
}
