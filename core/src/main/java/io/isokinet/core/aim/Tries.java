package io.isokinet.core.aim;

/**
 * A set of tries at a target.
 *
 * @param distance in metres, more than zero
 * @param width effective, in metres, more than zero: target plus ball, or gap less ball
 * @param hits zero or more
 * @param left misses that went left @param right misses that went right
 * @param missed misses whose side nobody counted
 */
public record Tries(double distance, double width, int hits, int left, int right, int missed) {
    public Tries {
        if (!(distance > 0 && width > 0))
            throw new IllegalArgumentException(
                    "The distance (%s m) and the width (%s m) must be more than zero.".formatted(distance, width));
        if (hits < 0 || left < 0 || right < 0 || missed < 0)
            throw new IllegalArgumentException("Hits and misses are zero or more; %d, %d, %d and %d were given."
                    .formatted(hits, left, right, missed));
    }

    public int all() {
        return hits + left + right + missed;
    }

    /** Half the angle under which the target is seen, in radians; small angles. */
    double half() {
        return width / (2 * distance);
    }
}
