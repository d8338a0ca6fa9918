package io.isokinet.core.space;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.List;

/** All over the floor. */
final class SpreadSketch extends Sketch {
    SpreadSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** Between who watches along the edge and who works. */
    private static final double WATCHING = 0.6;

    /** All over the floor, and what lies about between them. */
    @Override
    void draw(FloorPlanner planner, FloorFit fit) {
        int n = (task.children() + task.waves() - 1) / task.waves();
        List<Piece> about = task.pieces().stream()
                .filter(p -> p.per() == Need.Per.CLASS && p.kind() != Thing.Kind.PILE)
                .toList();
        int lying = about.stream().mapToInt(Piece::count).sum();
        List<Point> points = floor.spread(task.waves() > 1 ? floor.clear.grown(-WATCHING) : floor.clear, n + lying);
        List<Point> children = new ArrayList<>();
        int thing = 0;
        List<Piece> flat = new ArrayList<>();
        for (Piece piece : about) for (int i = 0; i < piece.count(); i++) flat.add(piece);
        for (int i = 0; i < points.size(); i++) {
            boolean forThing = (long) (i + 1) * lying / points.size() > (long) i * lying / points.size();
            if (forThing && thing < lying) {
                Piece piece = flat.get(thing++);
                things.add(new Thing(piece.kind(), points.get(i), piece.width(), -1, piece.label()));
            } else children.add(points.get(i));
        }
        children.addAll(watching(task.children() - n));
        all(children);
        for (int i = n; i < spots.size(); i++) {
            Spot s = spots.get(i);
            spots.set(i, new Spot(Spot.Does.WAITS, s.at(), s.group(), s.place(), s.leftHanded(), s.label()));
        }
        children.subList(n, children.size()).clear();
        double apart = nearest(children);
        if (apart < task.need().metresPerGroup() * 0.7)
            find(
                    "close",
                    -1,
                    Words.say(
                            "Doors and fixtures leave %.1f m between children where %.1f m are usual; spread them by eye.",
                            apart, task.need().metresPerGroup()));
        pile(floor.clear);
        eachOwn();
    }

    /** Who watches stands along the edge. */
    private List<Point> watching(int some) {
        List<Point> edge = floor.edge();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < some; i++) points.add(edge.get((int) ((long) i * edge.size() / some)));
        return points;
    }

    private static double nearest(List<Point> points) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < points.size(); i++)
            for (int j = i + 1; j < points.size(); j++)
                least = Math.min(least, points.get(i).to(points.get(j)));
        return least;
    }

    private void eachOwn() {
        for (Piece piece : task.pieces())
            if (piece.per() == Need.Per.CHILD && piece.kind() != Thing.Kind.PILE)
                for (Spot spot : List.copyOf(spots))
                    things.add(new Thing(piece.kind(), spot.at(), piece.width(), spot.group(), piece.label()));
    }
}
