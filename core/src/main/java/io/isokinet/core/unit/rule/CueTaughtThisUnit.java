package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** A target cue that is not introduced waits for the next unit. */
public final class CueTaughtThisUnit implements Rule {
    @Override
    public String name() {
        return "Few cues wait for the next unit";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 25;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.leftOver().stream()
                .map(cue -> Strain.unit(this, 1, () -> "“%s” waits for the next unit."
                        .formatted(plan.problem().knowHow().cue(cue).call())));
    }
}
