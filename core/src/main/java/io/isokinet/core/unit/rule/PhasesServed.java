package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Warm-up, recap from the second lesson on, practice, play, tidying and a closing talk are there. */
public final class PhasesServed implements Rule {
    @Override
    public String name() {
        return "Every lesson has its parts";
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
        return IntStream.range(0, plan.lessons().size()).boxed().flatMap(lesson -> missing(plan, lesson));
    }

    private Stream<Strain> missing(Plan plan, int lesson) {
        Set<LessonPhase> needed = EnumSet.of(
                LessonPhase.WARM, LessonPhase.PRACTISE, LessonPhase.PLAY, LessonPhase.TIDY, LessonPhase.CLOSE);
        if (lesson > 0) needed.add(LessonPhase.RECAP);
        for (Segment segment : plan.lessons().get(lesson)) {
            Set<LessonPhase> served = new HashSet<>(segment.phases());
            served.retainAll(segment.activity().phases());
            needed.removeAll(served);
        }
        return needed.stream()
                .map(phase -> Strain.lesson(
                        this, lesson, 1, () -> "Lesson %d has no %s.".formatted(lesson + 1, phase.label())));
    }
}
