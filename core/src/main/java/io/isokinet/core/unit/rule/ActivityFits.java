package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** Age, floor, ceiling, group sizes and kit allow the activity. */
public final class ActivityFits implements Rule {
    @Override
    public String name() {
        return "Every activity fits class, place and kit";
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
        return plan.segments()
                .filter(s -> s.fit() instanceof Fit.Fails)
                .map(s -> Strain.segment(this, s, 1, () -> String.join(" ", ((Fit.Fails) s.fit()).reasons())));
    }
}
