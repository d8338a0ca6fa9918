package io.isokinet.core.space;

import io.isokinet.core.space.FloorPlan.Area;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.List;

/** Two halves with a line between. */
final class TwoSidesSketch extends Sketch {
    TwoSidesSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** Two halves with a line between; each side keeps a metre from it. */
    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        double middle = floor.length / 2;
        lines.add(new Line(
                Line.Kind.MIDDLE,
                new Point(middle, Floor.MARGIN),
                new Point(middle, floor.width - Floor.MARGIN),
                "nobody crosses"));
        List<Point> points = new ArrayList<>();
        double half = floor.clear.w() / 2 - 1;
        Rect left = new Rect(floor.clear.x(), floor.clear.y(), half, floor.clear.h());
        Rect right = new Rect(middle + 1, floor.clear.y(), half, floor.clear.h());
        int first = task.sizes().get(0);
        points.addAll(floor.spread(left, first));
        points.addAll(floor.spread(right, task.children() - first));
        all(points);
        areas.add(new Area(0, left, false));
        areas.add(new Area(1, right, false));
        Frame frame = Frame.of(floor.clear, true, false);
        for (Piece piece : task.pieces())
            if (piece.kind() != Thing.Kind.PILE && piece.per() != Need.Per.CHILD)
                for (int side = 0; side < (piece.per() == Need.Per.GROUP ? 2 : 1); side++)
                    for (int i = 0; i < piece.count(); i++)
                        things.add(new Thing(
                                piece.kind(),
                                piece.per() == Need.Per.GROUP
                                        ? frame.at(
                                                side == 0 ? 0.15 : frame.length() - 0.15,
                                                frame.width() * (i + 1) / (piece.count() + 1))
                                        : frame.at(frame.length() / 2, frame.width() * (i + 1) / (piece.count() + 1)),
                                piece.width(),
                                piece.per() == Need.Per.GROUP ? side : -1,
                                piece.label()));
        pile(floor.clear);
    }
}
