package io.isokinet.core.motion;

/** Things in the air, without drag; floating things by their own speed of fall. */
public final class Flight {
    private Flight() {}

    /**
     * Seconds in the air of a toss that rises so far above the hand that catches: \( t = 2\sqrt{2h/g} \).
     *
     * @param rise metres, zero or more
     */
    public static double airTime(double rise) {
        require(rise >= 0, "rise", rise);
        return 2 * Math.sqrt(2 * rise / Toppling.GRAVITY);
    }

    /**
     * Metres a toss must rise to stay up so long: \( h = g t^2 / 8 \).
     *
     * @param seconds zero or more
     */
    public static double rise(double seconds) {
        require(seconds >= 0, "time in the air", seconds);
        return Toppling.GRAVITY * seconds * seconds / 8;
    }

    /**
     * Seconds until a thing that floats has come down, at its own steady speed.
     *
     * @param height metres above the hand that catches
     * @param fallSpeed metres a second, more than zero
     */
    public static double floatTime(double height, double fallSpeed) {
        require(height >= 0, "height", height);
        require(fallSpeed > 0, "speed of fall", fallSpeed);
        return height / fallSpeed;
    }

    /** Seconds until a thing that is dropped arrives: \( \sqrt{2h/g} \). */
    public static double fallTime(double height) {
        require(height >= 0, "height", height);
        return Math.sqrt(2 * height / Toppling.GRAVITY);
    }

    /**
     * The angle in radians at which a throw let go above the landing goes furthest: \( \sin a = 1/\sqrt{2 + 2gh/v^2} \).
     *
     * @param speed metres a second, more than zero
     * @param above metres, zero or more
     * @see <a href="https://doi.org/10.1119/1.11258">Lichtenberg and Wills, Am. J. Phys. 46 (1978)</a>, for the form; memory
     */
    public static double bestAngle(double speed, double above) {
        require(speed > 0, "speed", speed);
        require(above >= 0, "height", above);
        return Math.asin(1 / Math.sqrt(2 + 2 * Toppling.GRAVITY * above / (speed * speed)));
    }

    /**
     * Metres a throw goes before it lands.
     *
     * @param angle radians above level
     */
    public static double range(double speed, double above, double angle) {
        double up = speed * Math.sin(angle);
        double time = (up + Math.sqrt(up * up + 2 * Toppling.GRAVITY * above)) / Toppling.GRAVITY;
        return speed * Math.cos(angle) * time;
    }

    private static void require(boolean holds, String what, double value) {
        if (!holds || !Double.isFinite(value))
            throw new IllegalArgumentException("The %s (%s) must be finite and %s."
                    .formatted(what, value, "zero or more, where it divides more than zero"));
    }
}
