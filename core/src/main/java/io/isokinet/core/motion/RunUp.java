package io.isokinet.core.motion;

/**
 * The run-up to a kick: so many steps back, so many to the side of the standing foot.
 *
 * @param degrees from the line of the kick @param steps length of the run, in the same steps
 */
public record RunUp(double degrees, double steps) {
    /** @param back more than zero @param across zero or more */
    public static RunUp of(double back, double across) {
        if (!(back > 0 && across >= 0))
            throw new IllegalArgumentException(
                    "A run-up needs steps back (%s) more than zero and steps across (%s) zero or more."
                            .formatted(back, across));
        return new RunUp(Math.toDegrees(Math.atan2(across, back)), Math.hypot(back, across));
    }
}
