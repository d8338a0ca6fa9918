package io.isokinet.core.unit.search;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import java.util.List;

/** What planning came to. */
public sealed interface Outcome permits Outcome.Planned, Outcome.Impossible {
    /** @param evaluations whole plans that were scored on the way */
    record Planned(Plan plan, Score score, int evaluations) implements Outcome {
        /**
         * Where the plan breaks a hard rule and planning could have done otherwise: not in a lesson that is kept, nor through what
         * somebody locked.
         */
        public List<Strain> broken() {
            if (score.hard() == 0 && Rules.score(plan).hard() == 0) return List.of();
            return Rules.strains(plan).stream()
                    .filter(s -> s.rule().level() == Rule.Level.HARD)
                    .filter(s -> !isGiven(s))
                    .toList();
        }

        private boolean isGiven(Strain strain) {
            Integer lesson = strain.lesson();
            if (lesson == null) return false;
            if (plan.problem().lessons().get(lesson).kept()) return true;
            List<Segment> there = plan.lessons().get(lesson);
            return strain.segment() == null
                    ? there.stream().anyMatch(Segment::locked)
                    : there.stream().anyMatch(s -> s.locked() && s.id().equals(strain.segment()));
        }
    }

    /** There is no legal plan; each reason is a certificate with its numbers and what to try. */
    record Impossible(List<String> reasons) implements Outcome {
        public Impossible {
            reasons = List.copyOf(reasons);
        }
    }
}
