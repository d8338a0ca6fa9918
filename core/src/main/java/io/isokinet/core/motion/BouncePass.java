package io.isokinet.core.motion;

import io.isokinet.core.quantity.Share;

/** A pass that bounces once on its way. */
public final class BouncePass {
    private static final double STEP = 0.0005;

    private BouncePass() {}

    /**
     * Height at which it arrives, in metres; below zero if it bounces again before.
     *
     * @param distance metres to the partner @param from height of the hands, metres
     * @param level speed over the floor in m/s @param point where it bounces, as a share of the way
     * @param rebound speed after the bounce as a share of that before, 0 to 1
     */
    public static double arrives(double distance, double from, double level, Share point, double rebound) {
        double to = point.value() * distance / level;
        double after = (1 - point.value()) * distance / level;
        double down = (from - Toppling.GRAVITY * to * to / 2) / to + Toppling.GRAVITY * to;
        return rebound * down * after - Toppling.GRAVITY * after * after / 2;
    }

    /** How fast it leaves the hands upwards, in m/s; less than zero for a push downwards. The values as in {@link #arrives}. */
    public static double leaves(double distance, double from, double level, Share point) {
        double hits = point.value() * distance / level;
        return (Toppling.GRAVITY * hits * hits / 2 - from) / hits;
    }

    /** Height after a share of the way, 0 to 1, in metres; the other values as in {@link #arrives}. */
    public static double height(double distance, double from, double level, Share point, double rebound, double share) {
        double hits = point.value() * distance / level;
        double at = share * distance / level;
        double start = leaves(distance, from, level, point);
        if (at <= hits) return Math.max(0, from + start * at - Toppling.GRAVITY * at * at / 2);
        double up = rebound * (Toppling.GRAVITY * hits - start);
        double after = at - hits;
        return Math.max(0, up * after - Toppling.GRAVITY * after * after / 2);
    }

    /**
     * The share of the way at which it must bounce to arrive at a height, by following the ball in small steps for each share;
     * the nearest to the partner that does.
     */
    public static Share pointFor(double distance, double from, double level, double height, double rebound) {
        Share best = new Share(0.5);
        double off = Double.MAX_VALUE;
        for (double p = 0.5; p < 0.95; p += 0.005) {
            double miss = Math.abs(followed(distance, from, level, p, rebound) - height);
            if (miss <= off) {
                off = miss;
                best = new Share(p);
            }
        }
        return best;
    }

    /** The same as {@link #arrives} by small steps. */
    static double followed(double distance, double from, double level, double point, double rebound) {
        double to = point * distance / level;
        double speed = -(from - Toppling.GRAVITY * to * to / 2) / to;
        double x = 0;
        double y = from;
        while (x < distance) {
            speed -= Toppling.GRAVITY * STEP;
            y += speed * STEP;
            x += level * STEP;
            if (y < 0 && speed < 0) {
                y = 0;
                speed = -rebound * speed;
            }
        }
        return y;
    }
}
