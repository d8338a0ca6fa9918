package io.isokinet.core.unit.edit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * A plan whose stretches no longer fit, fitted again: each takes the nearest step that fits, or else what stands best in its place; all
 * others stay. What was taught or is locked is left and said.
 *
 * @param changes a sentence for each stretch that does not fit: what becomes of it, and why; empty if all fit
 */
public record Refit(Plan plan, List<String> changes) {
    public Refit {
        changes = List.copyOf(changes);
    }

    public static Refit of(Plan plan, Candidates candidates) {
        List<String> changes = new ArrayList<>();
        Plan now = plan;
        for (Segment s : plan.all()) {
            if (s.candidate().allowed()
                    || plan.problem().lessons().get(s.lesson()).kept()) continue;
            String where = "Lesson %d: ".formatted(plan.number(s.lesson()));
            String why = why(s.candidate());
            if (s.locked()) {
                changes.add("%s%s is locked and does not fit. %s"
                        .formatted(where, s.activity().name(), why));
                continue;
            }
            Candidate near = candidates.nearest(s.lesson(), s.activity());
            if (near.allowed()) {
                now = Edit.read(now, candidates, new Edit.Adjust(s.id(), near.setting()));
                changes.add("%s%s at “%s” instead of “%s”. %s"
                        .formatted(where, s.activity().name(), step(near), step(s.candidate()), why));
                continue;
            }
            Plan before = now;
            Plan swapped = candidates.serving(s.lesson(), s.phases()).stream()
                    .filter(a -> Objects.equals(a.skill(), s.activity().skill()))
                    .map(a -> Edit.read(before, candidates, new Edit.Swap(s.id(), a.keys())))
                    .filter(p -> p.segment(s.id()).orElseThrow().candidate().allowed())
                    .min(Comparator.comparing(Rules::score))
                    .orElse(null);
            if (swapped == null) {
                changes.add("%s%s does not fit, and nothing else does. %s"
                        .formatted(where, s.activity().name(), why));
                continue;
            }
            now = swapped;
            Activity instead = swapped.segment(s.id()).orElseThrow().activity();
            changes.add("%s%s instead of %s. %s"
                    .formatted(where, instead.name(), s.activity().name(), why));
        }
        return new Refit(now, changes);
    }

    private static String step(Candidate candidate) {
        return candidate.activity().levers().get(0).steps().get(candidate.setting());
    }

    private static String why(Candidate candidate) {
        if (candidate.fit() instanceof Fit.Fails fails)
            return Words.capital(fails.reasons().get(0));
        return ((Fit.Works) candidate.fit())
                .cautions().stream()
                        .filter(Caution::forbids)
                        .findFirst()
                        .map(Caution::sentence)
                        .orElse("");
    }
}
