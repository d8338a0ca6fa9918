package io.isokinet.core.figure;

import java.util.EnumMap;
import java.util.Map;

/** How a body is held: all dials; those that were not set are as in standing. */
public final class Pose {
    /** Just standing, arms hanging, eyes on the target. */
    public static final Pose STANDING = new Pose(new double[0]);

    private final double[] values;

    private Pose(double[] values) {
        this.values = values;
    }

    /**
     * This one with some dials set otherwise.
     *
     * @throws IllegalArgumentException if one is beyond its range
     */
    public Pose with(Map<Dial, Double> set) {
        double[] now = new double[Dial.values().length];
        for (Dial d : Dial.values()) now[d.ordinal()] = get(d);
        set.forEach((dial, value) -> {
            if (!(value >= dial.least() && value <= dial.most()))
                throw new IllegalArgumentException(
                        "%s is %s; it must lie between %s and %s.".formatted(dial, value, dial.least(), dial.most()));
            now[dial.ordinal()] = value;
        });
        return new Pose(now);
    }

    public double get(Dial dial) {
        return values.length == 0 ? dial.standing() : values[dial.ordinal()];
    }

    /** All dials by name. */
    public Map<Dial, Double> all() {
        Map<Dial, Double> all = new EnumMap<>(Dial.class);
        for (Dial d : Dial.values()) all.put(d, get(d));
        return all;
    }
}
