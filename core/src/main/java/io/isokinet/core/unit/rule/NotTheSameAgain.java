package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A drill or game returns harder or not at all, least of all in one lesson; other parts not in the next lesson. */
public final class NotTheSameAgain extends Rule {
    public NotTheSameAgain() {
        super("not-the-same-again", Level.SOFT, 5, "A known task returns harder, not the same");
    }

    private static final int SAME_LESSON = 4;
    private static final int WORK = 2;

    /**
     * What a segment costs that does again what another did, no harder.
     *
     * @param apart lessons between
     */
    public static int amount(boolean works, int apart) {
        return apart == 0 ? SAME_LESSON : works ? WORK : apart == 1 ? 1 : 0;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        Map<String, List<Segment>> before = new HashMap<>();
        for (Segment segment : plan.all()) {
            List<Segment> earlier = before.computeIfAbsent(segment.activity().key(), k -> new ArrayList<>(4));
            int worst = 0;
            Segment like = segment;
            for (Segment other : earlier)
                if (other.setting() >= segment.setting()) {
                    int amount = amount(segment.works(), segment.lesson() - other.lesson());
                    if (amount > worst) {
                        worst = amount;
                        like = other;
                    }
                }
            earlier.add(segment);
            Segment last = like;
            if (worst > 0)
                strains.segment(segment, worst, () -> "%s was done %s in lesson %d."
                        .formatted(
                                segment.activity().name(),
                                last.setting() == segment.setting() ? "the same way" : "harder",
                                plan.number(last.lesson())));
        }
    }
}
