package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;

/** What the class has done before is avoided or sought, as wished. */
public final class NewOrFamiliar extends Rule {
    public NewOrFamiliar() {
        super("new-or-familiar", Level.SOFT, 3, "New or familiar as wished");
    }

    /** One for each segment against the wish. */
    public static int amount(Candidate candidate, UnitProblem problem) {
        if (problem.done().isEmpty() || !candidate.works()) return 0;
        boolean known = problem.done().containsAll(candidate.activity().keys().keys());
        return switch (problem.wishes().taste()) {
            case NEW -> known ? 1 : 0;
            case FAMILIAR -> known ? 0 : 1;
            case AS_IT_COMES -> 0;
        };
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        if (plan.problem().wishes().taste() == Wishes.Taste.AS_IT_COMES) return;
        for (Segment s : plan.work()) {
            int off = amount(s.candidate(), plan.problem());
            if (off > 0)
                strains.segment(
                        s,
                        off,
                        () -> plan.problem().wishes().taste() == Wishes.Taste.NEW
                                ? "%s was done by this class before; something new was wished for."
                                        .formatted(s.activity().name())
                                : "%s is new to this class; something familiar was wished for."
                                        .formatted(s.activity().name()));
        }
    }
}
