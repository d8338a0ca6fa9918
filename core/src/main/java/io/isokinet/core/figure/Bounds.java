package io.isokinet.core.figure;

/**
 * What a measure must keep to.
 *
 * @param least or minus infinity
 * @param most or infinity
 */
public record Bounds(double least, double most) {
    public Bounds {
        if (!(least <= most))
            throw new IllegalArgumentException("The least (%s) is not above the most (%s).".formatted(least, most));
        if (Double.isInfinite(least) && Double.isInfinite(most))
            throw new IllegalArgumentException("A measure is asked for at least, at most, or both; neither is given.");
    }

    boolean hold(double value) {
        return value >= least && value <= most;
    }

    /** How far beyond a value lies; 0 or less within. */
    double beyond(double value) {
        return Math.max(least - value, value - most);
    }
}
