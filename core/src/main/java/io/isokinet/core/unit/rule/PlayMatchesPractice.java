package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A game is at most one rung below the highest that the skill has reached by then. */
public final class PlayMatchesPractice implements Rule {
    @Override
    public String name() {
        return "Play is as hard as practice";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 4;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        List<Strain> strains = new ArrayList<>();
        plan.work().forEach(segment -> {
            int before = reached.getOrDefault(String.valueOf(segment.activity().skill()), 0);
            int below = before - 1 - segment.level();
            if (segment.serves(LessonPhase.PLAY) && below > 0)
                strains.add(
                        Strain.segment(this, segment, below, () -> "%s is on rung %d; the class has reached rung %d."
                                .formatted(segment.activity().name(), segment.level(), before)));
            reached.merge(String.valueOf(segment.activity().skill()), segment.level(), Math::max);
        });
        return strains.stream();
    }
}
