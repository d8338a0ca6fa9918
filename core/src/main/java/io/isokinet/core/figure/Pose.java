package io.isokinet.core.figure;

import java.util.EnumMap;
import java.util.Map;

/** How a body is held: all dials; those that were not set are as in standing. */
public final class Pose {
    private static final Dial[] DIALS = Dial.values();

    /** Just standing, arms hanging. */
    public static final Pose STANDING = new Pose(standing());

    private final double[] values;

    private Pose(double[] values) {
        this.values = values;
    }

    private static double[] standing() {
        double[] values = new double[DIALS.length];
        for (Dial d : DIALS) values[d.ordinal()] = d.standing();
        return values;
    }

    /** Values by the order of the dials, none checked: what lies between two poses. */
    static Pose between(double[] values) {
        return new Pose(values);
    }

    /**
     * This one with some dials set otherwise.
     *
     * @throws IllegalArgumentException if one is beyond its range
     */
    public Pose with(Map<Dial, Double> set) {
        double[] now = values.clone();
        set.forEach((dial, value) -> {
            if (!(value >= dial.least() && value <= dial.most()))
                throw new IllegalArgumentException(
                        "%s is %s; it must lie between %s and %s.".formatted(dial, value, dial.least(), dial.most()));
            now[dial.ordinal()] = value;
        });
        return new Pose(now);
    }

    public double get(Dial dial) {
        return values[dial.ordinal()];
    }

    /** All dials by name. */
    public Map<Dial, Double> all() {
        Map<Dial, Double> all = new EnumMap<>(Dial.class);
        for (Dial d : DIALS) all.put(d, get(d));
        return all;
    }

    /** The same with the sides of the body changed over. */
    Pose swapped() {
        double[] now = new double[DIALS.length];
        for (Dial d : DIALS) now[d.opposite().ordinal()] = d.isSigned() ? -get(d) : get(d);
        return new Pose(now);
    }

    /** The same, so much farther along the way. */
    Pose along(double by) {
        double[] now = values.clone();
        for (Dial d : DIALS) if (d.isAlong()) now[d.ordinal()] += by;
        return new Pose(now);
    }

    /** On the way from this one to another: 0 is this, 1 the other. */
    Pose towards(Pose other, double share) {
        double[] now = values.clone();
        for (int i = 0; i < now.length; i++) now[i] += share * (other.values[i] - now[i]);
        return new Pose(now);
    }
}
