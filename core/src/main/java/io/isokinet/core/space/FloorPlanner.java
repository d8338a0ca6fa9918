package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.place.Fixture;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Vantage;
import io.isokinet.core.space.FloorTask.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
    /** From further away a cue is not seen well. Common practice. */
    private static final double SEEN = 7;
    /** A cue is seen from within 60 degrees of its best side. Common practice. */
    private static final double RIGHT_SIDE = 0.5;

    /** Between the backs of one row and the next, where there is room. Common practice. */
    private static final double BACKS_APART = 3;
    /** Between the floor of one group and the next, where there is room; between those that kick outdoors. Common practice. */
    private static final double SIDE_APART = 0.5;

    private static final double KICKS_APART = 3;

    /** By which lanes are lengthened. */
    private static final double STEP = 0.25;

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
        return new FloorPlanner(task).plan();
    }

    private FloorPlan plan() {
        FloorFit fit = FloorFit.of(task.place(), task.need(), task.formation(), task.children());
        sketch.draw(this, fit);
        List<Rect> slots = sketch.slots;
        if (task.sending().measured()) sketch.scorers(slots, fit.along());
        paintedLine(fit.along());
        ceiling();
        rollOn(slots, fit.along());
        leftHanders();
        Point own = sketch.teacher();
        Point teacher = own == null ? teacher(fit.along(), floor.sendsToOrigin(fit.along())) : own;
        return new FloorPlan(
                task.place().length(),
                task.place().width(),
                sketch.areas,
                sketch.spots,
                sketch.lines,
                sketch.things,
                sketch.closed,
                teacher,
                task.formation().is(Formation.Is.PLACED)
                        ? vantages(want(fit.along(), floor.sendsToOrigin(fit.along())), teacher)
                        : List.of(),
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
        List<Rect> usual = apart(spreadOut(fit.slots(), groups, fit.along()), fit.along());
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

    /** Lanes that are too short for the step beside theirs reach further, as far as the floor is free for all of them. */
    List<Rect> lengthened(List<Rect> slots, boolean along) {
        double missing = wanted(task.sending().others().stream()
                        .mapToDouble(d -> d)
                        .max()
                        .orElse(0))
                - task.need().metresLong();
        // What was put somewhere by hand stays as it is.
        if (missing <= 0 || !task.moved().isEmpty()) return slots;
        double after = reach(slots, along, missing, 0, 1);
        List<Rect> further = stretched(slots, along, 0, after);
        return stretched(further, along, reach(further, along, missing - after, 1, 0), 0);
    }

    /** Metres that a lane wants for a distance. */
    private double wanted(double metres) {
        int largest = task.sizes().stream().mapToInt(Integer::intValue).max().orElse(1);
        int pins = task.pieces().stream()
                .filter(p -> p.kind() == FloorPlan.Thing.Kind.PIN)
                .mapToInt(FloorTask.Piece::count)
                .max()
                .orElse(0);
        return Form.of(task.formation())
                .wanted(task.need(), metres, largest, pins, false, false)
                .metresLong();
    }

    /** How far all slots can be stretched, at most by so much. */
    private double reach(List<Rect> slots, boolean along, double most, int before, int after) {
        double by = 0;
        for (double tried = STEP; tried < most + STEP; tried += STEP) {
            double now = Math.min(tried, most);
            if (!stretched(slots, along, before * now, after * now).stream().allMatch(r -> floor.free(r, List.of())))
                break;
            by = now;
        }
        return by;
    }

    private static List<Rect> stretched(List<Rect> slots, boolean along, double before, double after) {
        return slots.stream()
                .map(r -> along
                        ? new Rect(r.x() - before, r.y(), r.w() + before + after, r.h())
                        : new Rect(r.x(), r.y() - before, r.w(), r.h() + before + after))
                .toList();
    }

    /** As few rows as hold all the groups, the same in each, standing apart and not crowded at one end. */
    private static List<Rect> spreadOut(List<Rect> slots, int groups, boolean along) {
        Map<Double, List<Rect>> rows = new TreeMap<>();
        for (Rect slot : slots)
            rows.computeIfAbsent(along ? slot.x() : slot.y(), u -> new ArrayList<>())
                    .add(slot);
        List<List<Rect>> byRoom = rows.values().stream()
                .sorted(Comparator.comparingInt((List<Rect> r) -> -r.size()))
                .toList();
        int taken = 0;
        int room = 0;
        while (room < groups) room += byRoom.get(taken++).size();
        List<Rect> some = new ArrayList<>();
        int left = groups;
        for (int r = 0; r < taken; r++) {
            List<Rect> row = byRoom.get(r);
            int here = Math.min(row.size(), (left + taken - r - 1) / (taken - r));
            // What the later rows cannot hold stands in this one.
            int later =
                    byRoom.subList(r + 1, taken).stream().mapToInt(List::size).sum();
            here = Math.max(here, left - later);
            for (int i = 0; i < here; i++) some.add(row.get((int) ((long) i * row.size() / here)));
            left -= here;
        }
        return some;
    }

    /** The same with the free floor between them, so that nobody stands close to another's back; as they were where that is not free. */
    private List<Rect> apart(List<Rect> slots, boolean along) {
        double beside = task.sending().way() == Way.KICKED && !task.place().indoors() ? KICKS_APART : SIDE_APART;
        List<Double> rows = slots.stream()
                .map(r -> along ? r.x() : r.y())
                .distinct()
                .sorted()
                .toList();
        double deep = along ? slots.get(0).w() : slots.get(0).h();
        double wide = along ? slots.get(0).h() : slots.get(0).w();
        double long1 = along ? floor.clear.w() : floor.clear.h();
        double broad = along ? floor.clear.h() : floor.clear.w();
        double behind = rows.size() < 2
                ? 0
                : Math.min(BACKS_APART, Math.max(0, (long1 - rows.size() * deep) / (rows.size() - 1)));
        List<Rect> spread = new ArrayList<>();
        for (double row : rows) {
            int r = rows.indexOf(row);
            List<Rect> here =
                    slots.stream().filter(s -> (along ? s.x() : s.y()) == row).toList();
            double gap = Math.min(beside, Math.max(0, (broad - here.size() * wide) / here.size()));
            double from = (broad - here.size() * (wide + gap) + gap) / 2;
            for (int i = 0; i < here.size(); i++) {
                double u = rows.size() < 2 ? row : Floor.MARGIN + r * (deep + behind);
                double v = Floor.MARGIN + from + i * (wide + gap);
                spread.add(along ? new Rect(u, v, deep, wide) : new Rect(v, u, wide, deep));
            }
        }
        return spread.stream().allMatch(s -> floor.free(s, List.of())) ? spread : slots;
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

    /** With a wall behind, outside every lane, everyone in front, on the side from which the cue is seen. */
    private Point teacher(boolean along, boolean back) {
        List<Spot> acting =
                sketch.spots.stream().filter(s -> s.does() == Spot.Does.ACTS).toList();
        double x = acting.stream().mapToDouble(s -> s.at().x()).average().orElse(floor.length / 2);
        double y = acting.stream().mapToDouble(s -> s.at().y()).average().orElse(floor.width / 2);
        Point middle = new Point(x, y);
        Point want = want(along, back);
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
    private List<Vantage> vantages(Point want, Point teacher) {
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
