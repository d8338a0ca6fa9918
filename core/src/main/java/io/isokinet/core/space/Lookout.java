package io.isokinet.core.space;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Vantage;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Where the teacher stands, and where else one may stand to watch. */
final class Lookout {
    /** From further away a cue is not seen well. Common practice. */
    private static final double SEEN = 7;
    /** A cue is seen from within 60 degrees of its best side. Common practice. */
    private static final double RIGHT_SIDE = 0.5;

    private final FloorTask task;
    private final Floor floor;
    private final Sketch sketch;
    private final Point want;

    Lookout(FloorTask task, Floor floor, Sketch sketch, boolean along) {
        this.task = task;
        this.floor = floor;
        this.sketch = sketch;
        this.want = want(along, floor.sendsToOrigin(along));
    }

    /** With a wall behind, outside every lane, everyone in front, on the side from which the cue is seen. */
    Point teacher() {
        List<Spot> acting =
                sketch.spots.stream().filter(s -> s.does() == Spot.Does.ACTS).toList();
        double x = acting.stream().mapToDouble(s -> s.at().x()).average().orElse(floor.length / 2);
        double y = acting.stream().mapToDouble(s -> s.at().y()).average().orElse(floor.width / 2);
        Point middle = new Point(x, y);
        Optional<Point> best =
                safe().max(Comparator.comparingDouble((Point p) -> towards(middle, p, want) - middle.to(p) / 40));
        String where =
                switch (view()) {
                    case BEHIND -> "from behind";
                    case FRONT -> "from the front";
                    case SIDE -> "from their " + task.watched().word() + " side";
                };
        Point stands = best.orElse(new Point(Floor.MARGIN / 2, Floor.MARGIN / 2));
        if (task.view() != null)
            sketch.reasons.add(
                    towards(middle, stands, want) > RIGHT_SIDE
                            ? "The cue is seen %s, with a wall behind and everyone in front.".formatted(where)
                            : "The cue is seen best %s, which would be in the way here; this is the nearest place outside every lane."
                                    .formatted(where));
        return stands;
    }

    /** Where no cue is watched, from the side, as bodies are seen best. */
    private Seen view() {
        return task.view() == null ? Seen.SIDE : task.view();
    }

    /** The way from a child to the best place to see its cue from, a metre long. */
    private Point want(boolean along, boolean back) {
        Frame frame = Frame.of(new Rect(0, 0, floor.length, floor.width), along, back);
        return switch (view()) {
            case BEHIND -> new Point(-frame.ahead().x(), -frame.ahead().y());
            case FRONT -> frame.ahead();
            case SIDE ->
                task.watched() == Side.LEFT
                        ? new Point(-frame.right().x(), -frame.right().y())
                        : frame.right();
        };
    }

    /** Along the walls, outside every lane and clear of everyone. */
    private Stream<Point> safe() {
        return floor.edge().stream()
                .filter(p -> sketch.areas.stream().noneMatch(a -> a.rect().holds(p)))
                .filter(p -> sketch.closed.stream().noneMatch(c -> c.holds(p)))
                .filter(p -> sketch.spots.stream().noneMatch(s -> s.at().to(p) < 0.5));
    }

    /** One place for each set of groups that can be seen together, the nearest to where the teacher stands. */
    List<Vantage> vantages(Point teacher) {
        Map<List<Integer>, Point> places = new LinkedHashMap<>();
        List<List<Point>> acting = IntStream.range(0, task.sizes().size())
                .mapToObj(g -> sketch.spots.stream()
                        .filter(s -> s.group() == g && s.does() == Spot.Does.ACTS)
                        .map(Spot::at)
                        .toList())
                .toList();
        safe().sorted(Comparator.comparingDouble(teacher::to)).forEach(p -> {
            List<Integer> groups = IntStream.range(0, task.sizes().size())
                    .filter(g ->
                            acting.get(g).stream().allMatch(s -> s.to(p) <= SEEN && towards(s, p, want) > RIGHT_SIDE))
                    .boxed()
                    .toList();
            if (!groups.isEmpty()) places.putIfAbsent(groups, p);
        });
        return places.entrySet().stream()
                .map(e -> new Vantage(e.getValue(), e.getKey()))
                .toList();
    }

    /** Cosine between the way to a point and the wanted way. */
    private static double towards(Point from, Point to, Point want) {
        double far = Math.max(0.01, from.to(to));
        return ((to.x() - from.x()) * want.x() + (to.y() - from.y()) * want.y()) / far;
    }
}
