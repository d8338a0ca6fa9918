package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import io.isokinet.core.unit.Wishes;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Interleaved: each skill is in every lesson. Blocked: a lesson keeps to one skill. */
public final class OrderAsWished implements Rule {
    @Override
    public String name() {
        return "Blocked or interleaved as wished";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 6;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        int targets = plan.problem().targets().size();
        boolean blocked = plan.problem().wishes().order() == Wishes.Order.BLOCKED;
        return IntStream.range(0, plan.lessons().size()).boxed().flatMap(lesson -> {
            long skills = plan.lessons().get(lesson).stream()
                    .filter(Segment::works)
                    .map(s -> s.activity().skill())
                    .distinct()
                    .count();
            int off = (int) Math.abs(skills - (blocked ? 1 : targets));
            return skills == 0 || off == 0
                    ? Stream.empty()
                    : Stream.of(Strain.lesson(
                            this,
                            lesson,
                            off,
                            () -> blocked
                                    ? "Lesson %d mixes %d skills where one was wished.".formatted(lesson + 1, skills)
                                    : "Lesson %d works on %d of %d skills.".formatted(lesson + 1, skills, targets)));
        });
    }
}
