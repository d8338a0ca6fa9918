package io.isokinet.core.space;

import static io.isokinet.core.space.LaneLength.APART;

import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One ring of all. */
final class RingSketch extends Sketch {
    RingSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** One ring of all. */
    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        int n = task.children();
        double most = Math.min(floor.clear.w(), floor.clear.h()) / 2;
        Double told = task.sending().metres();
        double wanted = Math.max(1.2, n * (told == null ? 0.9 : Math.max(0.9, told / 2)) / 2 / Math.PI);
        double radius = Math.min(most, wanted);
        Point middle = null;
        while (middle == null) {
            middle = centre(radius);
            if (middle == null) radius *= 0.95;
        }
        double apart = n < 2 ? 1 : 2 * radius * Math.sin(Math.PI / n);
        if (apart < APART)
            find("close", -1, Words.say("A ring of %d has %.2f m between neighbours here; make two rings.", n, apart));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            points.add(new Point(middle.x() + radius * Math.cos(a), middle.y() + radius * Math.sin(a)));
        }
        all(points);
        Rect box = new Rect(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius);
        inside(0, Frame.of(box, true, false));
        pile(box.grown(-radius / 2));
    }

    /** Where a ring of this radius is clear, nearest to the middle of the floor. */
    private @Nullable Point centre(double radius) {
        Rect centres = floor.clear.grown(-radius);
        Point middle = floor.clear.middle();
        Point best = null;
        for (double x = centres.x(); x <= centres.x() + centres.w() + 0.001; x += 0.25)
            for (double y = centres.y(); y <= centres.y() + centres.h() + 0.001; y += 0.25) {
                Rect box = new Rect(x - radius, y - radius, 2 * radius, 2 * radius);
                Point p = new Point(x, y);
                if (floor.keepOut.stream().noneMatch(box::overlaps) && (best == null || p.to(middle) < best.to(middle)))
                    best = p;
            }
        return best;
    }
}
