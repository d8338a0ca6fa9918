package io.isokinet.core.space;

/**
 * Turns the floor of one group so that it sends along u, whichever way that lies in the place; v runs from left to right of
 * who sends, u from behind the group to its far end.
 *
 * @param origin the corner behind the group, at its left
 * @param ahead one metre along u
 */
record Frame(Point origin, Point ahead, double length, double width) {
    /** @param along true if it sends along x @param back true if it sends towards the origin of the place */
    static Frame of(Rect r, boolean along, boolean back) {
        Point ahead = along ? new Point(back ? -1 : 1, 0) : new Point(0, back ? -1 : 1);
        // The right hand of who looks along (ax, ay), with y pointing down the page, is (-ay, ax).
        Point right = new Point(-ahead.y(), ahead.x());
        double x = ahead.x() + right.x() > 0 ? r.x() : r.x() + r.w();
        double y = ahead.y() + right.y() > 0 ? r.y() : r.y() + r.h();
        return new Frame(new Point(x, y), ahead, along ? r.w() : r.h(), along ? r.h() : r.w());
    }

    Point right() {
        return new Point(-ahead.y(), ahead.x());
    }

    Point at(double u, double v) {
        return new Point(origin.x() + u * ahead.x() + v * right().x(), origin.y() + u * ahead.y() + v * right().y());
    }
}
