package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.Stream;

/** A new cue is met in at least three lessons, or in all that are left. */
public final class CueMetInThreeLessons implements Rule {
    @Override
    public String name() {
        return "Each cue comes back";
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
        int lessons = plan.lessons().size();
        return plan.targetCues().stream()
                .filter(cue -> !plan.leftOver().contains(cue)
                        && !plan.problem().state(cue).taught())
                .flatMap(cue -> {
                    List<Integer> met = plan.meeting(cue).stream()
                            .map(Segment::lesson)
                            .distinct()
                            .toList();
                    int wanted = met.isEmpty() ? 0 : Math.min(LESSONS, lessons - met.get(0));
                    return met.size() >= wanted
                            ? Stream.empty()
                            : Stream.of(Strain.unit(
                                    this, wanted - met.size(), () -> "“%s” is met in %d lessons; %d are wanted."
                                            .formatted(
                                                    plan.problem()
                                                            .knowHow()
                                                            .cue(cue)
                                                            .call(),
                                                    met.size(),
                                                    wanted)));
                });
    }

    private static final int LESSONS = 3;
}
