package io.isokinet.core.space;

/** A point of the floor, in metres from the corner at the left and the top. */
public record Point(double x, double y) {
    public double to(Point o) {
        return Math.hypot(x - o.x, y - o.y);
    }
}
