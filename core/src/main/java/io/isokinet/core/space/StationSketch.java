package io.isokinet.core.space;

import io.isokinet.core.space.FloorPlan.Spot;
import java.util.List;

/** Stations that groups go round. */
final class StationSketch extends SlotSketch {
    StationSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    @Override
    void group(int g, Frame f) {
        int size = task.sizes().get(g);
        List<Point> points = floor.spread(areas.get(areas.size() - 1).rect().grown(-0.3), size);
        for (int i = 0; i < size; i++) stand(i == 0 ? Spot.Does.ACTS : Spot.Does.WAITS, points.get(i), g, i, parts(i));
        inside(g, f);
    }

    @Override
    void together(FloorPlanner planner, FloorFit fit, boolean back) {
        planner.rotate(slots);
    }
}
