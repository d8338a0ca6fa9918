package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.stream.Stream;

/** One rule of a unit: a name that people see, a level, a weight, and a sentence for each place where a plan breaks it. */
public interface Rule {
    /** How much a rule matters: a plan that breaks a hard one is never shown as good. */
    enum Level {
        HARD,
        MEDIUM,
        SOFT
    }

    String name();

    Level level();

    /** What one of the rule's own counts costs, at its level. */
    int weight();

    Stream<Strain> strains(Plan plan);
}
