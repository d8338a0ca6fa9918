package io.isokinet.core.belief;

import io.isokinet.core.mastery.Setting;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How hard it was to show a cue in what children did: by the setting, and by how much harder the step and rung of it were than what the
 * same class usually did there. A class that always works on hard things is not taken for one that shows little.
 */
public final class TaskScale {
    /** What a logit of success is worth for showing a cue: common practice, no source. */
    private static final double OF_A_LOGIT = 0.25;

    private static final double MOST = 0.75;

    private final Map<Setting, double[]> sums = new EnumMap<>(Setting.class);

    /**
     * Counts a look in.
     *
     * @param logits difficulty of the task, as of {@link io.isokinet.core.task.Asked}; null where it is not known
     */
    public void add(Setting setting, @Nullable Double logits) {
        if (logits == null) return;
        double[] sum = sums.computeIfAbsent(setting, s -> new double[2]);
        sum[0] += logits;
        sum[1]++;
    }

    /**
     * For {@link Look#task()}.
     *
     * @param logits null where it is not known: then it is as usual
     */
    public double of(Setting setting, @Nullable Double logits) {
        double[] sum = sums.get(setting);
        double harder = logits == null || sum == null ? 0 : logits - sum[0] / sum[1];
        return Look.task(setting) + Math.max(-MOST, Math.min(MOST, OF_A_LOGIT * harder));
    }
}
