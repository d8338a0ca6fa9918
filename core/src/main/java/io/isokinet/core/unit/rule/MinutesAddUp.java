package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The minutes of the segments add up to the usable minutes. */
public final class MinutesAddUp implements Rule {
    @Override
    public String name() {
        return "Minutes add up to the lesson's";
    }

    @Override
    public Level level() {
        return Level.HARD;
    }

    @Override
    public int weight() {
        return 1;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        List<Strain> strains = new ArrayList<>();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int usable = plan.problem().lessons().get(lesson).minutes();
            int sum = plan.lessons().get(lesson).stream()
                    .mapToInt(Segment::minutes)
                    .sum();
            int number = lesson + 1;
            if (sum != usable)
                strains.add(Strain.lesson(
                        this,
                        lesson,
                        Math.abs(sum - usable),
                        () -> "Lesson %d has %d usable minutes; its parts add up to %d."
                                .formatted(number, usable, sum)));
        }
        return strains.stream();
    }
}
