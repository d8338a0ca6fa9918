package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** A cue is introduced in the lessons 1 to ceil(2L/3), or waits for the next unit. */
public final class EveryCueIntroducedInTime implements Rule {
    @Override
    public String name() {
        return "New cues come in the first two thirds";
    }

    @Override
    public Level level() {
        return Level.MEDIUM;
    }

    @Override
    public int weight() {
        return 1;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        int last = plan.problem().lastIntroLesson();
        return plan.segments()
                .filter(s -> s.lesson() > last && !s.introduces().isEmpty())
                .map(s -> Strain.segment(
                        this,
                        s,
                        s.introduces().size(),
                        () -> "%s introduces a cue in lesson %d of %d, too late to meet it often."
                                .formatted(
                                        s.activity().name(),
                                        s.lesson() + 1,
                                        plan.lessons().size())));
    }
}
