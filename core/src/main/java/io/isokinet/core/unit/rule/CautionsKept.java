package io.isokinet.core.unit.rule;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** Nothing is done that a caution forbids with this place, age and kit. */
public final class CautionsKept implements Rule {
    @Override
    public String name() {
        return "No caution forbids it";
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
                .flatMap(s -> s.fit() instanceof Fit.Works works
                        ? works.cautions().stream()
                                .filter(Caution::forbids)
                                .map(c -> Strain.segment(this, s, 1, c::sentence))
                        : Stream.empty());
    }
}
