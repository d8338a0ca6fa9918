package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Occasion;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** The first lesson opens with the stop signal and the line that nobody crosses, and looks back on nothing; the later ones do not begin anew. */
public final class OpeningsBelong extends Rule {
    public OpeningsBelong() {
        super("openings-belong", Level.SOFT, 15, "Openings belong to their lesson");
    }

    /**
     * Two for an opening that looks back where there is nothing to look back on, one for one that is out of its place.
     *
     * @param first true in the first lesson of the unit
     */
    public static int amount(Candidate candidate, boolean first) {
        if (!candidate.activity().serves(LessonPhase.GATHER)) return 0;
        Occasion occasion = candidate.activity().conduct().occasion();
        if (first) return occasion == Occasion.LATER ? 2 : occasion == Occasion.ANY ? 1 : 0;
        return occasion == Occasion.FIRST ? 1 : 0;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            boolean first = plan.number(lesson) == 1;
            List<Segment> segments = plan.lessons().get(lesson);
            for (int i = 0; i < segments.size(); i++) {
                Segment s = segments.get(i);
                int amount = amount(s.candidate(), first);
                if (amount > 0)
                    strains.segment(
                            s,
                            amount,
                            () -> first
                                    ? amount > 1
                                            ? "%s looks back, and lesson 1 has nothing to look back on."
                                                    .formatted(s.activity().name())
                                            : "Lesson 1 opens with %s, not with the stop signal and the line that nobody crosses."
                                                    .formatted(s.activity().name())
                                    : "%s belongs to the first lesson of a unit."
                                            .formatted(s.activity().name()));
            }
        }
    }
}
