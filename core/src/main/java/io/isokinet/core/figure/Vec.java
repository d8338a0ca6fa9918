package io.isokinet.core.figure;

/**
 * A point or a direction in metres.
 *
 * @param forward towards the target
 * @param own to the side that does it: right for a right-hander
 * @param up from the floor
 */
public record Vec(double forward, double own, double up) {
    /** Where a child starts, on the floor. */
    public static final Vec ZERO = new Vec(0, 0, 0);

    public Vec plus(Vec o) {
        return new Vec(forward + o.forward, own + o.own, up + o.up);
    }

    public Vec minus(Vec o) {
        return new Vec(forward - o.forward, own - o.own, up - o.up);
    }

    public Vec times(double k) {
        return new Vec(k * forward, k * own, k * up);
    }

    public double dot(Vec o) {
        return forward * o.forward + own * o.own + up * o.up;
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** Of length one; one that has none stays as it is. */
    public Vec unit() {
        double l = length();
        return l == 0 ? this : times(1 / l);
    }

    /** The angle to another one, in degrees, 0 to 180; 0 where one of them has no length. */
    public double angle(Vec o) {
        double l = length() * o.length();
        return l == 0 ? 0 : Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, dot(o) / l))));
    }

    /** Turned about the upright, in degrees; positive takes forward to the own side. */
    Vec turned(double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new Vec(c * forward - s * own, s * forward + c * own, up);
    }

    /** Leant forward about the line across, in degrees; positive takes up to forward. */
    Vec leant(double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new Vec(c * forward + s * up, own, c * up - s * forward);
    }

    /** Bent to the side about the line ahead, in degrees; positive takes up to the own side. */
    Vec bent(double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new Vec(forward, c * own + s * up, c * up - s * own);
    }
}
