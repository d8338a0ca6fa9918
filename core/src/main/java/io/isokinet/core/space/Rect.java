package io.isokinet.core.space;

/** A rectangle on the floor, in metres from the corner at the left and the top. */
public record Rect(double x, double y, double w, double h) {
    /** A hair that does not count as overlapping: a millimetre. */
    private static final double HAIR = 0.001;

    /** True if both have some floor in common; touching is not overlapping. */
    public boolean overlaps(Rect o) {
        return x + HAIR < o.x + o.w && o.x + HAIR < x + w && y + HAIR < o.y + o.h && o.y + HAIR < y + h;
    }

    public boolean holds(Point p) {
        return p.x() > x - HAIR && p.x() < x + w + HAIR && p.y() > y - HAIR && p.y() < y + h + HAIR;
    }

    /** True if the other lies in it whole. */
    public boolean encloses(Rect o) {
        return o.x > x - HAIR && o.y > y - HAIR && o.x + o.w < x + w + HAIR && o.y + o.h < y + h + HAIR;
    }

    /** The same with more room on every side. */
    public Rect grown(double by) {
        return new Rect(x - by, y - by, w + 2 * by, h + 2 * by);
    }

    public Point middle() {
        return new Point(x + w / 2, y + h / 2);
    }

    /** Square metres in common. */
    double shared(Rect o) {
        double width = Math.min(x + w, o.x + o.w) - Math.max(x, o.x);
        double height = Math.min(y + h, o.y + o.h) - Math.max(y, o.y);
        return Math.max(0, width) * Math.max(0, height);
    }
}
