package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.place.Fixture;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorTask.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Draws an activity on its floor, to scale, and says what is too tight. */
public final class FloorPlanner {
    /** Where running ends before a wall. Common practice. */
    static final double RUN_OUT = 3;
    /** Height at which a child of school age lets go, about. Common practice. */
    private static final double LET_GO = 1.3;
    /** Room for a way past the lanes. Common practice. */
    private static final double WAY = 0.4;

    /** A painted line further away does not help. */
    private static final double NEAR_A_LINE = 1.5;

    private final FloorTask task;
    private final Floor floor;
    private final Sketch sketch;

    private FloorPlanner(FloorTask task) {
        this.task = task;
        this.floor = new Floor(task.place());
        this.sketch = Form.of(task.formation()).sketch(task, floor);
    }

    /** @throws IllegalArgumentException if the place has no room for so many groups; {@link FloorFit} says how many it has */
    public static FloorPlan of(FloorTask task) {
        FloorFit fit = FloorFit.of(task.place(), task.need(), task.formation(), task.children());
        boolean inTurn = task.waves() > 1
                && !task.formation().spreads()
                && fit.groups() < task.sizes().size();
        return inTurn ? watched(new FloorPlanner(task.firstWave()).plan(fit), task) : new FloorPlanner(task).plan(fit);
    }

    /** With the groups that are not on the floor yet, who watch along the edge, where nothing is sent. */
    private static FloorPlan watched(FloorPlan plan, FloorTask task) {
        List<Point> edge = new Floor(task.place())
                .edge().stream()
                        .filter(p -> plan.closed().stream().noneMatch(c -> c.holds(p)))
                        .toList();
        int first = (int)
                plan.spots().stream().mapToInt(FloorPlan.Spot::group).distinct().count();
        int watching = task.children() - plan.spots().size();
        List<FloorPlan.Spot> spots = new ArrayList<>(plan.spots());
        for (int g = first, i = 0; g < task.sizes().size(); g++)
            for (int place = 0; place < task.sizes().get(g); place++, i++)
                spots.add(new FloorPlan.Spot(
                        FloorPlan.Spot.Does.WAITS,
                        edge.get((int) ((long) i * edge.size() / watching)),
                        g,
                        place,
                        false,
                        ""));
        return plan.with(spots);
    }

    private FloorPlan plan(FloorFit fit) {
        sketch.draw(this, fit);
        List<Rect> slots = sketch.slots;
        if (task.sending().measured()) sketch.scorers(slots, fit.along());
        paintedLine(fit.along());
        ceiling();
        rollOn(slots, fit.along());
        leftHanders();
        Lookout lookout = new Lookout(task, floor, sketch, fit.along());
        Point own = sketch.teacher();
        Point teacher = own == null ? lookout.teacher() : own;
        return new FloorPlan(
                task.place().length(),
                task.place().width(),
                sketch.areas,
                sketch.spots,
                sketch.lines,
                sketch.things,
                sketch.closed,
                teacher,
                task.formation().is(Formation.Is.PLACED) ? lookout.vantages(teacher) : List.of(),
                gather(teacher),
                sketch.findings,
                sketch.reasons);
    }

    void room(int there) {
        if (there < task.sizes().size())
            throw new IllegalArgumentException("%d groups want floor and %s has room for %d; make larger groups."
                    .formatted(task.sizes().size(), task.place().name(), there));
    }

    /** The floor of each group: where it was put, and the others around that. */
    List<Rect> placed(FloorFit fit) {
        int groups = task.sizes().size();
        room(fit.groups());
        List<Rect> usual = new Spread(task, floor).over(fit.slots(), fit.along());
        if (task.moved().isEmpty()) return usual;
        List<Rect> taken = new ArrayList<>();
        Rect[] slots = new Rect[groups];
        for (Map.Entry<Integer, Point> move : task.moved().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .toList()) {
            int g = move.getKey();
            if (g < 0 || g >= groups) continue;
            Rect was = usual.get(g);
            Rect now = new Rect(
                    clamp(move.getValue().x(), floor.clear.x(), floor.clear.x() + floor.clear.w() - was.w()),
                    clamp(move.getValue().y(), floor.clear.y(), floor.clear.y() + floor.clear.h() - was.h()),
                    was.w(),
                    was.h());
            if (!floor.free(now, taken)) {
                sketch.find(
                        "in-the-way",
                        g,
                        "Group %d cannot stand there: a door, a fixture or another group is in the way. It stays where it was."
                                .formatted(g + 1));
                continue;
            }
            slots[g] = now;
            taken.add(now);
        }
        List<Rect> rest = floor.slots(
                fit.along(),
                task.need().metresLong(),
                task.need().metresPerGroup(),
                task.formation().queues(),
                taken);
        int wanted = groups - taken.size();
        if (rest.size() < wanted) {
            sketch.find(
                    "too-tight",
                    -1,
                    Words.say(
                            "Moved like that, %d of %d groups find no room: %.1f m of width are missing. All stay where they were.",
                            wanted - rest.size(),
                            groups,
                            (wanted - rest.size()) * task.need().metresPerGroup()));
            return usual;
        }
        int next = 0;
        List<Rect> all = new ArrayList<>();
        for (int g = 0; g < groups; g++) all.add(slots[g] != null ? slots[g] : rest.get(next++));
        return all;
    }

    private static double clamp(double value, double from, double to) {
        return Math.max(from, Math.min(to, value));
    }

    /** All in front of the start lines is shut to the walls, over the whole breadth that the lanes take. */
    void close(List<Rect> slots, boolean along, boolean back) {
        if (task.sending().way() == Way.NOTHING || task.sending().way() == Way.RUN) return;
        double x0 = slots.stream().mapToDouble(Rect::x).min().orElseThrow();
        double x1 = slots.stream().mapToDouble(r -> r.x() + r.w()).max().orElseThrow();
        double y0 = slots.stream().mapToDouble(Rect::y).min().orElseThrow();
        double y1 = slots.stream().mapToDouble(r -> r.y() + r.h()).max().orElseThrow();
        List<Double> lines = sketch.lines.stream()
                .filter(l -> l.kind() == Line.Kind.START)
                .map(l -> along ? l.from().x() : l.from().y())
                .toList();
        double first = lines.stream().mapToDouble(d -> d).min().orElseThrow();
        double last = lines.stream().mapToDouble(d -> d).max().orElseThrow();
        double line = back ? first : last;
        double end = along ? floor.length : floor.width;
        double from = back ? 0 : line;
        double deep = back ? line : end - line;
        sketch.closed.add(along ? new Rect(from, y0, deep, y1 - y0) : new Rect(x0, from, x1 - x0, deep));
        if (last - first > 0.05)
            sketch.find(
                    "one-line",
                    -1,
                    "The start lines are not one line any more: who stands further back looks at the backs of others. Put the lanes level.");
        sketch.reasons.add(
                "All send the same way; nobody crosses the line before the signal, and all collect together.");
    }

    /** The way to fetch and back, outside every lane. */
    void way(List<Rect> slots, boolean along, boolean back) {
        if (slots.isEmpty() || task.sending().way() == Way.NOTHING) return;
        double low =
                slots.stream().mapToDouble(r -> along ? r.y() : r.x()).min().orElseThrow();
        double high = slots.stream()
                .mapToDouble(r -> along ? r.y() + r.h() : r.x() + r.w())
                .max()
                .orElseThrow();
        double side = along ? floor.width : floor.length;
        boolean after = side - high >= low;
        double at = after ? high + WAY / 2 : low - WAY / 2;
        Rect first = slots.get(0);
        double u0 = along ? first.x() : first.y();
        double u1 = u0 + (along ? first.w() : first.h());
        Point near = along ? new Point(back ? u1 : u0, at) : new Point(at, back ? u1 : u0);
        Point far = along ? new Point(back ? u0 : u1, at) : new Point(at, back ? u0 : u1);
        if (Math.max(side - high, low) < WAY)
            sketch.reasons.add("No room for a way past the lanes: nobody fetches before the signal.");
        else sketch.lines.add(new Line(Line.Kind.WAY, near, far, ""));
    }

    void rotate(List<Rect> slots) {
        for (int g = 0; g < slots.size() && slots.size() > 1; g++) {
            Point a = slots.get(g).middle();
            Point b = slots.get((g + 1) % slots.size()).middle();
            double shorten = Math.min(0.4, 1 / Math.max(0.1, a.to(b)));
            sketch.lines.add(new Line(
                    Line.Kind.ROTATE,
                    new Point(a.x() + (b.x() - a.x()) * shorten, a.y() + (b.y() - a.y()) * shorten),
                    new Point(b.x() - (b.x() - a.x()) * shorten, b.y() - (b.y() - a.y()) * shorten),
                    ""));
        }
    }

    /** A lob over a distance d let go at 45 degrees rises d/4 above the hand. */
    private void ceiling() {
        Double metres = task.sending().metres();
        if (task.place().ceiling() == null || metres == null) return;
        if (task.sending().way() != Way.THROWN && task.sending().way() != Way.KICKED) return;
        double top = LET_GO + metres / 4;
        double ceiling = task.place().ceiling().metres();
        if (top > ceiling)
            sketch.find(
                    "ceiling",
                    -1,
                    Words.say(
                            "A lob over %.1f m rises to about %.1f m and the ceiling is at %.1f m, %.1f m too low: flatter throws, a shorter distance, or outdoors.",
                            metres, top, ceiling, top - ceiling));
    }

    /** Where the start line lies from a painted line that runs the same way, if one is near. */
    private void paintedLine(boolean along) {
        Line start = sketch.lines.stream()
                .filter(l -> l.kind() == Line.Kind.START)
                .findFirst()
                .orElse(null);
        if (start == null || !sketch.hasStartLine()) return;
        double at = along ? start.from().x() : start.from().y();
        task.place().fixtures().stream()
                .filter(f -> f.kind() == Fixture.Kind.LINE)
                .filter(f -> along ? Math.abs(f.dx()) < 0.05 : Math.abs(f.dy()) < 0.05)
                .min(Comparator.comparingDouble(f -> Math.abs((along ? f.x() : f.y()) - at)))
                .filter(f -> Math.abs((along ? f.x() : f.y()) - at) <= NEAR_A_LINE)
                .ifPresent(f -> sketch.reasons.add(Words.say(
                        "The start line lies %.1f m from the %s.",
                        Math.abs((along ? f.x() : f.y()) - at), f.label().isEmpty() ? "painted line" : f.label())));
    }

    /** What rolls on further than the wall is away comes back, or under feet. */
    private void rollOn(List<Rect> slots, boolean along) {
        if (slots.isEmpty()
                || task.sending().way() != Way.ROLLED
                || !task.formation().queues()) return;
        Rect first = slots.get(0);
        boolean back = floor.sendsToOrigin(along);
        double free = back
                ? (along ? first.x() : first.y())
                : (along ? floor.length - first.x() - first.w() : floor.width - first.y() - first.h());
        if (task.sending().rollOn() > free + 0.5)
            sketch.reasons.add(Words.say(
                    "A ball that misses rolls on about %.0f m and the wall is %.1f m behind the targets: a bench or mats as a back-stop.",
                    task.sending().rollOn(), free + 0.4));
    }

    private void leftHanders() {
        int left = task.leftHanded().stream().mapToInt(Integer::intValue).sum();
        if (left > 0 && task.formation().queues())
            sketch.reasons.add(
                    "%d send with the left, spread over the lanes: each takes the right of the lane, so that the left is free."
                            .formatted(left));
    }

    private @Nullable Point gather(Point teacher) {
        if (task.gathering() != Gathering.AT_THE_TEACHER || sketch.teacher() != null) return null;
        Point middle = new Point(floor.length / 2, floor.width / 2);
        double far = Math.max(0.01, teacher.to(middle));
        double step = Math.min(2, far);
        return new Point(
                teacher.x() + (middle.x() - teacher.x()) * step / far,
                teacher.y() + (middle.y() - teacher.y()) * step / far);
    }
}
