package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.Stream;

/** A lesson ends with its closing talk, which has at least the minutes its activity needs. */
public final class ClosingTalkKeepsItsMinutes implements Rule {
    @Override
    public String name() {
        return "The closing talk keeps its minutes";
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
        return plan.lessons().stream().filter(l -> !l.isEmpty()).flatMap(this::close);
    }

    private Stream<Strain> close(List<Segment> lesson) {
        Segment last = lesson.get(lesson.size() - 1);
        if (!last.serves(LessonPhase.CLOSE))
            return Stream.of(Strain.segment(this, last, 1, () -> "Lesson %d ends with %s instead of a closing talk."
                    .formatted(last.lesson() + 1, last.activity().name())));
        int least = last.activity().minutesLeast();
        return last.minutes() >= least
                ? Stream.empty()
                : Stream.of(Strain.segment(this, last, 1, () -> "%s needs %d minutes and has %d."
                        .formatted(last.activity().name(), least, last.minutes())));
    }
}
