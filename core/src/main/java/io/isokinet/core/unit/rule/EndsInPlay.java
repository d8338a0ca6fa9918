package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.Stream;

/** The last segment that works on a skill is play. */
public final class EndsInPlay implements Rule {
    @Override
    public String name() {
        return "Every lesson ends in play";
    }

    @Override
    public Level level() {
        return Level.MEDIUM;
    }

    @Override
    public int weight() {
        return 5;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.lessons().stream().flatMap(lesson -> {
            List<Segment> work = lesson.stream().filter(Segment::works).toList();
            if (work.isEmpty()) return Stream.empty();
            Segment last = work.get(work.size() - 1);
            return last.serves(LessonPhase.PLAY)
                    ? Stream.empty()
                    : Stream.of(Strain.segment(this, last, 1, () -> "Lesson %d ends with %s, which is not play."
                            .formatted(last.lesson() + 1, last.activity().name())));
        });
    }
}
