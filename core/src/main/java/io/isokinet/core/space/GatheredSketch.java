package io.isokinet.core.space;

import java.util.Comparator;
import java.util.List;

/** All near the teacher. */
final class GatheredSketch extends Sketch {
    GatheredSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** All near the teacher's wall, close together. */
    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        int n = task.children();
        Point front = front();
        double pitch = 0.9;
        List<Point> near = List.of();
        while (near.size() < n) {
            near = floor.grid(floor.clear, pitch).stream()
                    .filter(p -> p.to(front) > 1.2)
                    .sorted(Comparator.comparingDouble(p -> p.to(front)))
                    .limit(n)
                    .toList();
            pitch *= 0.97;
        }
        all(near);
    }

    @Override
    Point teacher() {
        return front();
    }

    /** Where the teacher stands when all gather: with a wall behind, near the middle of a long side. */
    private Point front() {
        Point middle = new Point(floor.length / 2, 0);
        return floor.edge().stream().min(Comparator.comparingDouble(middle::to)).orElse(middle);
    }
}
