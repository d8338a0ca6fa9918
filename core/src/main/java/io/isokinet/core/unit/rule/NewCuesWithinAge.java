package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** New cues a lesson stay within the number for the age. */
public final class NewCuesWithinAge implements Rule {
    @Override
    public String name() {
        return "Not too many new cues a lesson";
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
        int most =
                plan.problem().wishes().newCues(plan.problem().profile().age().years());
        return IntStream.range(0, plan.lessons().size()).boxed().flatMap(lesson -> {
            int cues = plan.lessons().get(lesson).stream()
                    .mapToInt(s -> s.introduces().size())
                    .sum();
            return cues <= most
                    ? Stream.empty()
                    : Stream.of(Strain.lesson(
                            this, lesson, cues - most, () -> "Lesson %d introduces %d cues; at this age %d are enough."
                                    .formatted(lesson + 1, cues, most)));
        });
    }
}
