package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The highest rung of a skill in a lesson is not below that of the lesson before, and the last is above the first. */
public final class DifficultyRises implements Rule {
    @Override
    public String name() {
        return "Difficulty rises through the unit";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 8;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.problem().targets().stream().flatMap(target -> {
            List<Integer> tops = plan.lessons().stream()
                    .map(l -> l.stream()
                            .filter(s -> target.skill().equals(s.activity().skill()))
                            .mapToInt(Segment::level)
                            .max()
                            .orElse(0))
                    .filter(top -> top > 0)
                    .toList();
            int falls = IntStream.range(1, tops.size())
                    .map(i -> Math.max(0, tops.get(i - 1) - tops.get(i)))
                    .sum();
            int wanted = Math.min(TOP, tops.size());
            int below = tops.isEmpty() ? 0 : Math.max(0, wanted - tops.get(tops.size() - 1));
            return falls + below == 0
                    ? Stream.empty()
                    : Stream.of(Strain.unit(this, falls + below, () -> "%s reaches rung %d in the last lesson%s."
                            .formatted(
                                    plan.problem()
                                            .knowHow()
                                            .skill(target.skill())
                                            .name(),
                                    tops.get(tops.size() - 1),
                                    falls > 0
                                            ? " and falls back on the way"
                                            : "; rung %d is within reach".formatted(wanted))));
        });
    }

    private static final int TOP = 4;
}
