package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** A child gets at least one try a minute in lanes and files, two elsewhere. */
public final class EnoughTries implements Rule {
    @Override
    public String name() {
        return "Children get enough tries";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 1;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.work().filter(s -> s.activity().cycle() != null).flatMap(s -> {
            int wanted = s.minutes() * (s.activity().grouping().formation().queues() ? 1 : 2);
            return s.tries() >= wanted
                    ? Stream.empty()
                    : Stream.of(Strain.segment(
                            this,
                            s,
                            wanted - s.tries(),
                            () -> "%s gives %d tries in %d minutes; about %d would be usual."
                                    .formatted(s.activity().name(), s.tries(), s.minutes(), wanted)));
        });
    }
}
