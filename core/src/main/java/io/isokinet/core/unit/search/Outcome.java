package io.isokinet.core.unit.search;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import java.util.List;

/** What planning came to. */
public sealed interface Outcome permits Outcome.Planned, Outcome.Impossible {
    /** @param evaluations whole plans that were scored on the way */
    record Planned(Plan plan, Score score, int evaluations) implements Outcome {}

    /** There is no legal plan; each reason is a certificate with its numbers and what to try. */
    record Impossible(List<String> reasons) implements Outcome {
        public Impossible {
            reasons = List.copyOf(reasons);
        }
    }
}
