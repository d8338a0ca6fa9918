package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** A cue is met at least four times; more where records are weak, fewer where it is owned. */
public final class CueMetOftenEnough implements Rule {
    @Override
    public String name() {
        return "Each cue is met often enough";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 10;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.targetCues().stream()
                .filter(cue -> !plan.leftOver().contains(cue))
                .flatMap(cue -> {
                    int met = plan.meeting(cue).size();
                    int wanted = plan.problem().state(cue).exposuresWanted();
                    return met >= wanted
                            ? Stream.empty()
                            : Stream.of(Strain.unit(this, wanted - met, () -> "“%s” is met %d times; %d are wanted."
                                    .formatted(plan.problem().knowHow().cue(cue).call(), met, wanted)));
                });
    }
}
