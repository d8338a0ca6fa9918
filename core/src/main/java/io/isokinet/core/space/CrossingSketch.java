package io.isokinet.core.space;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.List;

/** From one end to the other. */
final class CrossingSketch extends Sketch {
    CrossingSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** All start at one end and cross to a line three metres before the far wall; what stops them is between. */
    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        double home = Floor.MARGIN + 1.2;
        double far = floor.length - FloorPlanner.RUN_OUT;
        int n = task.children();
        lines.add(new Line(
                Line.Kind.START, new Point(home, Floor.MARGIN), new Point(home, floor.width - Floor.MARGIN), ""));
        lines.add(
                new Line(Line.Kind.FAR, new Point(far, Floor.MARGIN), new Point(far, floor.width - Floor.MARGIN), ""));
        if (far - home < 4)
            find(
                    "too-short",
                    -1,
                    Words.say(
                            "Running ends 3 m before the wall, which leaves %.1f m to cross; 4 m are the least. Cross outdoors.",
                            far - home));
        reasons.add("Running ends at the line 3 m before the wall.");
        Rect behind = new Rect(Floor.MARGIN, Floor.MARGIN, home - 0.2 - Floor.MARGIN, floor.clear.h());
        Rect zone = new Rect(home + 1, Floor.MARGIN, Math.max(1, far - home - 2), floor.clear.h());
        Integer said = task.opponents();
        int catchers = Math.min(n - 1, said != null ? said : task.parts().isEmpty() ? 0 : Math.max(1, n / 12));
        List<Point> points = new ArrayList<>(floor.spread(behind, n - catchers));
        points.addAll(floor.spread(zone, catchers));
        all(points);
        for (Piece piece : task.pieces())
            if (piece.kind() != Thing.Kind.PILE && piece.per() != Need.Per.CHILD) {
                List<Point> at = floor.spread(zone, piece.count() + catchers);
                for (int i = 0; i < piece.count(); i++)
                    things.add(new Thing(piece.kind(), at.get(catchers + i), piece.width(), -1, piece.label()));
            }
        pile(zone);
    }
}
