package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import io.isokinet.core.unit.UnitProblem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** A cue is introduced before it is practised or used, and its prerequisites before it or with it. */
public final class IntroducedBeforeUsed implements Rule {
    @Override
    public String name() {
        return "A cue is introduced before it is used";
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
        UnitProblem problem = plan.problem();
        Set<String> known = new HashSet<>();
        problem.cues().forEach((cue, state) -> {
            if (state.taught()) known.add(cue);
        });
        List<Strain> strains = new ArrayList<>();
        plan.segments().forEach(segment -> {
            known.addAll(segment.introduces());
            for (String key : segment.focus())
                if (!known.contains(key))
                    strains.add(Strain.segment(this, segment, 1, () -> "“%s” is used in %s, before it is introduced."
                            .formatted(
                                    problem.knowHow().cue(key).call(),
                                    segment.activity().name())));
            for (String key : segment.introduces())
                for (String before : problem.knowHow().cue(key).prerequisites())
                    if (!known.contains(before))
                        strains.add(Strain.segment(
                                this, segment, 1, () -> "“%s” is introduced in %s, before “%s”, which it builds on."
                                        .formatted(
                                                problem.knowHow().cue(key).call(),
                                                segment.activity().name(),
                                                problem.knowHow().cue(before).call())));
        });
        return strains.stream();
    }
}
