package io.isokinet.core.figure;

import io.isokinet.core.motion.Stature;
import io.isokinet.core.quantity.Age;

/**
 * How long the parts of a child's body are, in metres. Shares of stature: Drillis and Contini (1966), as drawn by Winter, Biomechanics and
 * Motor Control of Human Movement; from memory. How much longer the head and how much shorter the legs of a child are: sitting height of
 * about 0.555 of stature at five, 0.54 at eight, 0.525 at eleven and 0.52 grown up; from memory.
 *
 * @param head from the shoulders to the top
 * @param skull height of the head alone
 * @param trunk from the hips to the shoulders
 * @param shoulders half of their breadth
 * @param hips half the distance between the joints
 * @param ankle its height above the sole
 * @param foot from heel to toe
 */
public record Body(
        double stature,
        double head,
        double skull,
        double trunk,
        double shoulders,
        double hips,
        double upperArm,
        double forearm,
        double hand,
        double thigh,
        double shank,
        double ankle,
        double foot) {
    private static final double LEG = 0.530;
    private static final double THIGH = 0.245;
    private static final double SHANK = 0.246;
    private static final double ANKLE = 0.039;
    private static final int GROWN = 12;
    /** What a leg lacks at five. */
    private static final double SHORTER = 0.075;

    private static final int FIVE = 5;

    /** Of a child of an age as most are. */
    public static Body of(Age age) {
        double stature = Stature.of(age);
        double young = Math.max(0, GROWN - age.years());
        double leg = 1 - SHORTER * young / (GROWN - FIVE);
        double head = 0.182 + 0.0026 * young;
        return new Body(
                stature,
                head * stature,
                0.130 * (1 + 0.04 * young) * stature,
                (1 - LEG * leg - head) * stature,
                0.129 * stature,
                0.0955 * stature,
                0.186 * stature,
                0.146 * stature,
                0.108 * stature,
                THIGH * leg * stature,
                SHANK * leg * stature,
                ANKLE * leg * stature,
                0.152 * stature);
    }

    /** The same child so many times as tall. */
    public Body times(double k) {
        return new Body(
                stature * k,
                head * k,
                skull * k,
                trunk * k,
                shoulders * k,
                hips * k,
                upperArm * k,
                forearm * k,
                hand * k,
                thigh * k,
                shank * k,
                ankle * k,
                foot * k);
    }

    /** From the hip to the sole, the leg straight. */
    public double leg() {
        return thigh + shank + ankle;
    }

    /** From the shoulder to the wrist, the arm straight. */
    public double arm() {
        return upperArm + forearm;
    }
}
