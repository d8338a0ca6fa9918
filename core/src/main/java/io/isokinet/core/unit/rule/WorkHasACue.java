package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** Practice and play have at least one introduced cue in focus. */
public final class WorkHasACue implements Rule {
    @Override
    public String name() {
        return "Every drill and game has a cue";
    }

    @Override
    public Level level() {
        return Level.MEDIUM;
    }

    @Override
    public int weight() {
        return 2;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        return plan.work()
                .filter(s -> s.focus().isEmpty())
                .map(s -> Strain.segment(this, s, 1, () -> "%s has no introduced cue to work on."
                        .formatted(s.activity().name())));
    }
}
