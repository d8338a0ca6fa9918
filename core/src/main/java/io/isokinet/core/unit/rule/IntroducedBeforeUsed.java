package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import java.util.HashSet;
import java.util.Set;

/** A cue is introduced before it is practised or used, and what it builds on before it or with it. */
public final class IntroducedBeforeUsed extends Rule {
    public IntroducedBeforeUsed() {
        super("introduced-before-used", Level.HARD, 10, "A cue is introduced before it is used");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        UnitProblem problem = plan.problem();
        Set<String> known = new HashSet<>();
        problem.cues().forEach((cue, state) -> {
            if (state.taught()) known.add(cue);
        });
        for (Segment segment : plan.all()) {
            known.addAll(segment.introduces());
            for (String key : segment.focus())
                if (!known.contains(key))
                    strains.segment(segment, 1, () -> "“%s” is used in %s, before it is introduced."
                            .formatted(
                                    problem.knowHow().cue(key).call(),
                                    segment.activity().name()));
            for (String key : segment.introduces())
                for (String before : problem.buildsOn(key))
                    if (!known.contains(before))
                        strains.segment(segment, 1, () -> "“%s” is introduced in %s, before “%s”, which it builds on."
                                .formatted(
                                        problem.knowHow().cue(key).call(),
                                        segment.activity().name(),
                                        problem.knowHow().cue(before).call()));
        }
    }
}
