package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** No two whole lessons without the cue between its first and third exposure, no three after. */
public final class NoLongGap implements Rule {
    @Override
    public String name() {
        return "No cue is dropped for long";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 4;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.targetCues().stream().flatMap(cue -> {
            List<Integer> met = plan.meeting(cue).stream().map(Segment::lesson).toList();
            return IntStream.range(1, met.size()).boxed().flatMap(i -> {
                int between = met.get(i) - met.get(i - 1) - 1;
                int allowed = i < 3 ? 1 : 2;
                return between <= allowed
                        ? Stream.empty()
                        : Stream.of(Strain.unit(
                                this, between - allowed, () -> "“%s” is not met for %d lessons after lesson %d."
                                        .formatted(
                                                plan.problem()
                                                        .knowHow()
                                                        .cue(cue)
                                                        .call(),
                                                between,
                                                met.get(i - 1) + 1)));
            });
        });
    }
}
