package io.isokinet.core.space;

import io.isokinet.core.space.FloorPlan.Area;
import java.util.List;

/** A formation whose groups have a floor each, drawn in the group's own coordinates and turned at the end. */
abstract class SlotSketch extends Sketch {
    SlotSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** One group on its floor. */
    abstract void group(int g, Frame f);

    /** The floor of each group. */
    List<Rect> areas(FloorPlanner planner, FloorFit fit) {
        return planner.placed(fit);
    }

    /** What concerns all groups together. */
    void together(FloorPlanner planner, FloorFit fit, boolean back) {}

    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        boolean back = floor.sendsToOrigin(fit.along());
        slots = areas(planner, fit);
        for (int g = 0; g < slots.size(); g++) {
            areas.add(new Area(g, slots.get(g), true));
            group(g, Frame.of(slots.get(g), fit.along(), back));
        }
        together(planner, fit, back);
    }
}
