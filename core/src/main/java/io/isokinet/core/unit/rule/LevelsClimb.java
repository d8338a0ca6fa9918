package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A segment on level k needs an earlier one on level k-1 of that skill, or a record that it was reached. */
public final class LevelsClimb implements Rule {
    @Override
    public String name() {
        return "Practice climbs one rung at a time";
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
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        List<Strain> strains = new ArrayList<>();
        plan.work().forEach(segment -> {
            String skill = String.valueOf(segment.activity().skill());
            int before = reached.getOrDefault(skill, 0);
            if (segment.level() > before + 1)
                strains.add(Strain.segment(
                        this,
                        segment,
                        segment.level() - before - 1,
                        () -> "%s is on rung %d; the class has only been on rung %d of this skill."
                                .formatted(segment.activity().name(), segment.level(), before)));
            reached.put(skill, Math.max(before, segment.level()));
        });
        return strains.stream();
    }
}
