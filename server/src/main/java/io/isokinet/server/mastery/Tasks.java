package io.isokinet.server.mastery;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What children did in the stretches of lessons, told by who keeps the plans. */
public interface Tasks {
    /**
     * How hard a stretch is.
     *
     * @param logits by the step of its main lever, at least one
     * @param planned the step that it was planned at
     */
    record Steps(List<Double> logits, int planned) {
        /** @param set step that was set in the hall; null where none was; beyond the hardest means the hardest */
        double at(@Nullable Integer set) {
            return logits.get(Math.max(0, Math.min(logits.size() - 1, set == null ? planned : set)));
        }
    }

    /** By stretch; those of activities that are not known any more are left out. */
    Map<UUID, Steps> of(Collection<UUID> lessons);
}
