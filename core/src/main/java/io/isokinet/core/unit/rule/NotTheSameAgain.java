package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The same drill or game at the same setting does not return in the unit, least of all in one lesson; other parts not in the next lesson. */
public final class NotTheSameAgain implements Rule {
    @Override
    public String name() {
        return "A known task returns harder, not the same";
    }

    @Override
    public Level level() {
        return Level.SOFT;
    }

    @Override
    public int weight() {
        return 5;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        List<Strain> strains = new ArrayList<>();
        Map<String, Segment> before = new HashMap<>();
        plan.segments().forEach(segment -> {
            Segment last = before.put(segment.activity().key() + "@" + segment.setting(), segment);
            boolean tooSoon = last != null && (segment.works() || segment.lesson() - last.lesson() < 2);
            if (tooSoon)
                strains.add(Strain.segment(
                        this,
                        segment,
                        last.lesson() == segment.lesson() ? 4 : segment.works() ? 2 : 1,
                        () -> "%s was done the same way in lesson %d."
                                .formatted(segment.activity().name(), last.lesson() + 1)));
        });
        return strains.stream();
    }
}
