package io.isokinet.core.space;

import io.isokinet.core.space.FloorPlan.Area;
import io.isokinet.core.space.FloorPlan.Line;
import java.util.List;

/** Places at the walls. */
final class WallSketch extends Sketch {
    WallSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        List<Floor.WallSlot> walls = floor.wallSlots(task.need().metresLong());
        planner.room(walls.size());
        for (int g = 0; g < task.sizes().size(); g++) atWall(g, walls.get(g));
    }

    /** The line is the wall's, not one across the floor. */
    @Override
    boolean hasStartLine() {
        return false;
    }

    /** At the wall: one in front of it, the others beside and behind. */
    private void atWall(int g, Floor.WallSlot wall) {
        int size = task.sizes().get(g);
        areas.add(new Area(g, wall.rect(), false));
        boolean along = Math.abs(wall.towards().x()) > 0.5;
        Frame f = Frame.of(
                wall.rect(),
                along,
                along ? wall.towards().x() < 0 : wall.towards().y() < 0);
        Double told = task.sending().metres();
        int columns = columns(size, f, f.length() - 0.1 - (told == null ? 0 : told));
        double most = Math.max(0.6, f.length() - 0.1 - LaneLength.queue(size, columns));
        double metres = drawn(g, told == null ? Math.min(2, most) : told, most, "from the wall");
        double line = f.length() - metres;
        queue(g, f, line, columns);
        lines.add(new Line(Line.Kind.START, f.at(line, 0.2), f.at(line, f.width() - 0.2), ""));
        place(g, f, line, metres - triangleDepth() - 0.1, f.width() / 2);
    }
}
