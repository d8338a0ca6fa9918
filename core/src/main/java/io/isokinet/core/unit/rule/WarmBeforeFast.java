package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.Stream;

/** A warm-up comes before fast work. */
public final class WarmBeforeFast implements Rule {
    @Override
    public String name() {
        return "Warm before fast work";
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
        return plan.lessons().stream().flatMap(this::early);
    }

    private Stream<Strain> early(List<Segment> lesson) {
        return lesson.stream()
                .takeWhile(s -> !s.serves(LessonPhase.WARM))
                .filter(s -> s.activity().fast())
                .map(s -> Strain.segment(this, s, 1, () -> "%s is fast work and stands before the warm-up of lesson %d."
                        .formatted(s.activity().name(), s.lesson() + 1)));
    }
}
