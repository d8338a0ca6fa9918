package io.isokinet.core.space;

import static io.isokinet.core.space.LaneLength.APART;
import static io.isokinet.core.space.LaneLength.BACK;
import static io.isokinet.core.space.LaneLength.BEHIND_PIN;
import static io.isokinet.core.space.LaneLength.BEHIND_TARGET;
import static io.isokinet.core.space.LaneLength.EDGE;
import static io.isokinet.core.space.LaneLength.PIN_ROW;
import static io.isokinet.core.space.LaneLength.QUEUE;
import static io.isokinet.core.space.LaneLength.SWING;

import io.isokinet.core.check.Finding;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Area;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.space.FloorTask.Way;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A floor plan while it is drawn: one method for each formation. */
final class Sketch {
    /** From one to the next in a file that passes back. Common practice. */
    private static final double FILE = 1.0;
    /** Between neighbours of a triangle of pins: 12 in, rows 263.96 mm. USBC Equipment Specifications. */
    private static final double PIN_GAP = 0.3048;

    private static final int MOST_SCORERS = 6;
    /** Zones for measured throws. Common practice. */
    private static final double ZONE = 0.5;
    /** The sector of a heavy ball: the chord between its lines is 0.60 r. World Athletics Competition Rules, from memory. */
    static final double SECTOR_DEGREES = 34.92;

    private final FloorTask task;
    private final Floor floor;
    final List<Area> areas = new ArrayList<>();
    final List<Spot> spots = new ArrayList<>();
    final List<Line> lines = new ArrayList<>();
    final List<Thing> things = new ArrayList<>();
    final List<Rect> closed = new ArrayList<>();
    final List<Finding> findings = new ArrayList<>();
    final List<String> reasons = new ArrayList<>();

    Sketch(FloorTask task, Floor floor) {
        this.task = task;
        this.floor = floor;
    }

    /** @param group -1 for the whole floor */
    void find(String rule, int group, String message) {
        findings.add(new Finding(rule, group < 0 ? "floor" : "group " + (group + 1), message));
    }

    private void stand(Spot.Does does, Point at, int group, int place, String label) {
        int left = group >= 0 && group < task.leftHanded().size()
                ? task.leftHanded().get(group)
                : 0;
        // Who sends with the left comes up in turn: the last places of a group hold them.
        boolean lefty = group >= 0 && place >= task.sizes().get(group) - left;
        spots.add(new Spot(does, at, group, place, lefty, label));
    }

    /** One behind the other, passing back: a file of n takes n - 1 places of floor, so too long means a shorter file. */
    void file(int g, Frame f) {
        int size = task.sizes().get(g);
        double room = f.length() - 0.6;
        double pitch = size < 2 ? 0 : Math.min(FILE, room / (size - 1));
        if (size > 1 && pitch < FILE - 0.001)
            find(
                    "file-too-long",
                    g,
                    Words.say(
                            "A file of %d wants %.1f m of floor and %.1f m are there: files of %d, not shorter passes.",
                            size, (size - 1) * FILE, room, 1 + (int) (room / FILE)));
        for (int i = 0; i < size; i++)
            stand(Spot.Does.ACTS, f.at(f.length() - 0.3 - i * pitch, f.width() / 2), g, i, parts(i));
        place(g, f, 0.3, room, f.width() / 2);
    }

    /** A lane or relay file: one acts on the start line, the others wait behind it, the target stands ahead. */
    void lane(int g, Frame f) {
        int size = task.sizes().get(g);
        boolean runs = task.sending().way() == Way.RUN || task.sending().way() == Way.NOTHING;
        double depth = triangleDepth();
        // One line for all lanes: the longest queue says where it is.
        int largest = task.sizes().stream().mapToInt(Integer::intValue).max().orElse(size);
        double farEnd = f.length() - BEHIND_TARGET;
        if (runs) farEnd = Math.min(farEnd, f.length() - FloorPlanner.RUN_OUT + behind(f));
        Double told = task.sending().metres();
        int columns = columns(largest, f, farEnd - depth - (told == null ? 0 : told) - BACK);
        double queue = LaneLength.queue(largest, columns);
        double room = farEnd - depth - queue - BACK;
        double metres = told == null ? Math.max(0.5, room) : told;
        double line = farEnd - depth - metres;
        if (line < queue + BACK - 0.001) {
            find(
                    "too-short",
                    g,
                    Words.say(
                            "%.1f m and a queue of %d want %.1f m more floor than there is; drawn at %.1f m. Shorten the distance or make the groups smaller.",
                            metres, size, queue + BACK - line, Math.max(0.5, room)));
            metres = Math.max(0.5, room);
            line = farEnd - depth - metres;
            if (line < queue + BACK) line = Math.min(farEnd - 0.3, queue + BACK);
        }
        double middle = f.width() / 2;
        queue(g, f, line, columns);
        lines.add(new Line(
                Line.Kind.START,
                f.at(line, 0.1),
                f.at(line, f.width() - 0.1),
                told == null || g > 0 ? "" : Words.say("%.1f m", metres)));
        if (told != null && Math.abs(metres - told) < 0.01) steps(g, f, line + metres);
        place(g, f, line, metres, middle);
        if (task.sending().measured()) zones(f, line);
        if (runs) lines.add(new Line(Line.Kind.FAR, f.at(farEnd, 0.1), f.at(farEnd, f.width() - 0.1), ""));
        else
            lines.add(new Line(
                    Line.Kind.BACK_STOP, f.at(f.length() - 0.05, 0.1), f.at(f.length() - 0.05, f.width() - 0.1), ""));
    }

    /** Lines for those who need it nearer or further; only as far as the lane reaches. */
    private void steps(int g, Frame f, double target) {
        for (double metres : task.sending().others()) {
            double u = target - metres;
            if (u > 0.3 && u < f.length() - 0.3)
                lines.add(new Line(
                        Line.Kind.STEP,
                        f.at(u, 0.2),
                        f.at(u, f.width() - 0.2),
                        g > 0 ? "" : Words.say("%.1f m", metres)));
        }
    }

    /**
     * Side by side in the queue, so that it takes at most a third of the floor and leaves the distance.
     *
     * @param left metres that the queue may take
     */
    private static int columns(int size, Frame f, double left) {
        int columns = 1;
        int most = LaneLength.columns(size, f.width());
        while (LaneLength.queue(size, columns) > Math.min(f.length() / 3, left) && columns < most) columns++;
        return columns;
    }

    /** One acts behind the line; the others wait a swing behind, closer together if the floor ends. */
    private void queue(int g, Frame f, double line, int columns) {
        int size = task.sizes().get(g);
        double middle = f.width() / 2;
        double acts = Math.max(0.2, line - 0.2);
        stand(Spot.Does.ACTS, f.at(acts, middle), g, 0, parts(0));
        int rows = size < 2 ? 0 : (size - 2) / columns + 1;
        double room = acts - 0.1;
        double wanted = SWING + Math.max(0, rows - 1) * QUEUE;
        double tighter = rows == 0 ? 1 : Math.min(1, room / wanted);
        if (tighter < 0.95)
            find(
                    "crowded",
                    g,
                    Words.say(
                            "A queue of %d wants %.1f m more behind the line. Make the groups smaller.",
                            size, wanted - room));
        for (int i = 1; i < size; i++) {
            int row = (i - 1) / columns;
            int column = (i - 1) % columns;
            double v = middle + (column - (Math.min(columns, size - 1) - 1) / 2.0) * APART;
            stand(Spot.Does.WAITS, f.at(acts - (SWING + row * QUEUE) * tighter, v), g, i, parts(i));
        }
    }

    /** Free metres between the end of a group's floor and the wall ahead of it. */
    private double behind(Frame f) {
        Point end = f.at(f.length(), f.width() / 2);
        if (f.ahead().x() > 0.5) return floor.length - end.x();
        if (f.ahead().x() < -0.5) return end.x();
        return f.ahead().y() > 0 ? floor.width - end.y() : end.y();
    }

    private String parts(int place) {
        return place < task.parts().size() ? task.parts().get(place) : "";
    }

    private double triangleDepth() {
        return task.pieces().stream()
                .filter(p -> p.kind() == Thing.Kind.PIN)
                .mapToDouble(p -> LaneLength.depth(p.count()))
                .max()
                .orElse(0);
    }

    /** Targets, marks and the pile of a group, by what the start line and the distance say. */
    private void place(int g, Frame f, double line, double metres, double middle) {
        for (Piece piece : task.pieces()) {
            if (piece.per() != Need.Per.GROUP || !piece.isOf(g)) continue;
            int n = piece.count();
            switch (piece.kind()) {
                case PIN -> pins(g, f, piece, line + metres, middle);
                case TARGET -> row(g, f, piece, line + metres, n);
                case PILE ->
                    things.add(new Thing(
                            piece.kind(), f.at(line - 0.35, 0.25), piece.width(), g, n + " " + piece.label()));
                case MARKER -> {
                    if (n <= 2) row(g, f, piece, n == 1 ? line + metres : line + metres * 0.6, n);
                    else
                        for (int i = 0; i < n; i++)
                            things.add(new Thing(
                                    piece.kind(),
                                    f.at(inside(f, line + metres * (i + 1) / n), middle),
                                    piece.width(),
                                    g,
                                    piece.label()));
                }
            }
        }
    }

    private static double inside(Frame f, double u) {
        return Math.max(0.1, Math.min(f.length() - 0.1, u));
    }

    private void pins(int g, Frame f, Piece piece, double u, double middle) {
        int rows = LaneLength.rows(piece.count());
        if (rows == 1) {
            row(g, f, piece, u, piece.count());
            return;
        }
        for (int r = 0; r < rows; r++)
            for (int i = 0; i <= r; i++)
                things.add(new Thing(
                        piece.kind(),
                        f.at(inside(f, u + r * PIN_ROW), middle + (i - r / 2.0) * PIN_GAP),
                        piece.width(),
                        g,
                        piece.label()));
    }

    private void row(int g, Frame f, Piece piece, double u, int n) {
        double pitch = Math.min(f.width() / (n + 1), 0.8);
        for (int i = 0; i < n; i++)
            things.add(new Thing(
                    piece.kind(),
                    f.at(inside(f, u), f.width() / 2 + (i - (n - 1) / 2.0) * pitch),
                    piece.width(),
                    g,
                    piece.label()));
    }

    private void zones(Frame f, double line) {
        for (double u = line + 2; u < f.length() - 0.1; u += ZONE)
            lines.add(new Line(
                    Line.Kind.ZONE,
                    f.at(u, 0.1),
                    f.at(u, f.width() - 0.1),
                    Math.abs(u - line - Math.round(u - line)) < 0.01 ? "%d".formatted(Math.round(u - line)) : ""));
        if (task.sizes().size() > 1) return;
        double half = Math.toRadians(SECTOR_DEGREES / 2);
        double reach = Math.min(f.length() - line, f.width() / 2 / Math.sin(half));
        for (int side : new int[] {-1, 1})
            lines.add(new Line(
                    Line.Kind.SECTOR,
                    f.at(line, f.width() / 2),
                    f.at(line + reach * Math.cos(half), f.width() / 2 + side * reach * Math.sin(half)),
                    ""));
        reasons.add("The sector is for measuring only; the floor in front of the line is shut to the walls.");
    }

    /** Some of those who wait read the zones, each at the end of a line, outside every lane. */
    void scorers(List<Rect> slots, boolean along) {
        List<Line> zones =
                lines.stream().filter(l -> l.kind() == Line.Kind.ZONE).toList();
        if (zones.isEmpty() || slots.isEmpty()) return;
        double high = slots.stream()
                .mapToDouble(r -> along ? r.y() + r.h() : r.x() + r.w())
                .max()
                .orElseThrow();
        double side = along ? floor.width : floor.length;
        if (side - high < Floor.MARGIN - 0.01) return;
        int scored = 0;
        for (int i = spots.size() - 1; i >= 0 && scored < MOST_SCORERS; i--) {
            Spot spot = spots.get(i);
            boolean last = spot.place() == task.sizes().get(spot.group()) - 1;
            if (spot.does() != Spot.Does.WAITS || !last || scored * 2 >= zones.size()) continue;
            Line zone = zones.get(scored * 2);
            double u = along ? zone.from().x() : zone.from().y();
            double v = high + Math.min(0.6, (side - high) / 2);
            Point at = along ? new Point(u, v) : new Point(v, u);
            if (floor.keepOut.stream().anyMatch(k -> k.holds(at))
                    || spots.stream().anyMatch(s -> s.at().to(at) < APART)) continue;
            spots.set(
                    i, new Spot(Spot.Does.SCORES, at, spot.group(), spot.place(), spot.leftHanded(), "reads the zone"));
            scored++;
        }
        if (scored > 0)
            reasons.add("%d of those who wait read the half-metre zones from the side, outside every lane."
                    .formatted(scored));
    }

    /** Two face each other; a third stands beside, more make a ring. */
    void pair(int g, Frame f) {
        int size = task.sizes().get(g);
        if (size > 3) {
            parts(g, f);
            return;
        }
        // Where the two have a target, it stands at the distance and the partner behind it.
        boolean target = task.pieces().stream()
                .anyMatch(p ->
                        p.per() == Need.Per.GROUP && (p.kind() == Thing.Kind.TARGET || p.kind() == Thing.Kind.PIN));
        double behind = target ? BEHIND_PIN + triangleDepth() : 0;
        double most = f.length() - 2 * EDGE - behind;
        Double told = task.sending().metres();
        double metres = told == null ? Math.min(3, most) : told;
        if (metres > most + 0.001) {
            find(
                    "too-short",
                    g,
                    Words.say(
                            "Partners %.1f m apart want %.1f m more floor than there is; drawn %.1f m apart.",
                            metres, metres - most, most));
            metres = most;
        }
        double near = f.length() / 2 - (metres + behind) / 2;
        double middle = f.width() / 2;
        stand(Spot.Does.ACTS, f.at(near, middle), g, 0, parts(0));
        for (int i = 1; i < size; i++) {
            double aside = i == 1 ? 0 : Math.min(APART, middle - 0.1);
            stand(Spot.Does.ACTS, f.at(near + metres + behind, middle + aside), g, i, parts(i));
        }
        place(g, f, near, metres, middle);
    }

    /** At the wall: one in front of it, the others beside and behind. */
    void atWall(int g, Floor.WallSlot wall) {
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
        double metres = told == null ? Math.min(2, most) : told;
        if (metres > most + 0.001) {
            find(
                    "too-short",
                    g,
                    Words.say(
                            "%.1f m from the wall want %.1f m more floor than there is; drawn at %.1f m.",
                            metres, metres - most, most));
            metres = most;
        }
        double line = f.length() - metres;
        queue(g, f, line, columns);
        lines.add(new Line(Line.Kind.START, f.at(line, 0.2), f.at(line, f.width() - 0.2), ""));
        place(g, f, line, metres - triangleDepth() - 0.1, f.width() / 2);
    }

    /** Parts on a ring, in their order. */
    void parts(int g, Frame f) {
        int size = task.sizes().get(g);
        double radius = Math.min(f.length(), f.width()) / 2 - EDGE;
        Double told = task.sending().metres();
        if (told != null && size > 1) {
            double wanted = told / 2 / Math.sin(Math.PI / size);
            if (wanted > radius + 0.001)
                find(
                        "too-short",
                        g,
                        Words.say(
                                "%.1f m between neighbours want a ring %.1f m wider than there is room for; drawn at %.1f m.",
                                told, 2 * (wanted - radius), 2 * radius * Math.sin(Math.PI / size)));
            else radius = Math.max(wanted, size * APART / 2 / Math.PI);
        }
        for (int i = 0; i < size; i++) {
            double a = 2 * Math.PI * i / size;
            stand(
                    Spot.Does.ACTS,
                    f.at(f.length() / 2 - radius * Math.cos(a), f.width() / 2 + radius * Math.sin(a)),
                    g,
                    i,
                    parts(i));
        }
        inside(g, f);
    }

    /** What stands in the middle of a group. */
    private void inside(int g, Frame f) {
        for (Piece piece : task.pieces())
            if (piece.per() == Need.Per.GROUP && piece.isOf(g))
                for (int i = 0; i < (piece.kind() == Thing.Kind.PILE ? 1 : piece.count()); i++) {
                    double a = 2 * Math.PI * i / piece.count();
                    double r = piece.count() == 1 || piece.kind() == Thing.Kind.PILE ? 0.15 : 0.6;
                    things.add(new Thing(
                            piece.kind(),
                            f.at(f.length() / 2 - r * Math.cos(a), f.width() / 2 + r * Math.sin(a)),
                            piece.width(),
                            g,
                            piece.kind() == Thing.Kind.PILE ? piece.count() + " " + piece.label() : piece.label()));
                }
    }

    void station(int g, Frame f) {
        int size = task.sizes().get(g);
        List<Point> points = floor.spread(areas.get(areas.size() - 1).rect().grown(-0.3), size);
        for (int i = 0; i < size; i++) stand(i == 0 ? Spot.Does.ACTS : Spot.Does.WAITS, points.get(i), g, i, parts(i));
        inside(g, f);
    }

    /** Where the teacher stands when all gather: with a wall behind, near the middle of a long side. */
    Point front() {
        Point middle = new Point(floor.length / 2, 0);
        return floor.edge().stream().min(Comparator.comparingDouble(middle::to)).orElse(middle);
    }

    /** All near the teacher's wall, close together. */
    void gathered() {
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

    /** All over the floor, and what lies about between them. */
    void spread() {
        int n = task.children();
        List<Piece> about = task.pieces().stream()
                .filter(p -> p.per() == Need.Per.CLASS && p.kind() != Thing.Kind.PILE)
                .toList();
        int lying = about.stream().mapToInt(Piece::count).sum();
        List<Point> points = floor.spread(floor.clear, n + lying);
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
        all(children);
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

    private static double nearest(List<Point> points) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < points.size(); i++)
            for (int j = i + 1; j < points.size(); j++)
                least = Math.min(least, points.get(i).to(points.get(j)));
        return least;
    }

    /** Children by group in the order of the points. */
    private void all(List<Point> points) {
        int next = 0;
        for (int g = 0; g < task.sizes().size(); g++)
            for (int i = 0; i < task.sizes().get(g); i++)
                stand(Spot.Does.ACTS, points.get(next++), g, i, task.formation().spreads() ? "" : parts(i));
    }

    private void eachOwn() {
        for (Piece piece : task.pieces())
            if (piece.per() == Need.Per.CHILD && piece.kind() != Thing.Kind.PILE)
                for (Spot spot : List.copyOf(spots))
                    things.add(new Thing(piece.kind(), spot.at(), piece.width(), spot.group(), piece.label()));
    }

    private void pile(Rect within) {
        for (Piece piece : task.pieces())
            if (piece.kind() == Thing.Kind.PILE && piece.per() == Need.Per.CLASS) {
                Point at = floor.spread(within, 9).get(4);
                things.add(new Thing(piece.kind(), at, 0.4, -1, piece.count() + " " + piece.label()));
            }
    }

    /** One ring of all. */
    void ring() {
        int n = task.children();
        double most = Math.min(floor.clear.w(), floor.clear.h()) / 2;
        Double told = task.sending().metres();
        double wanted = Math.max(1.2, n * (told == null ? 0.9 : Math.max(0.9, told / 2)) / 2 / Math.PI);
        double radius = Math.min(most, wanted);
        Point middle = null;
        while (middle == null) {
            middle = centre(radius);
            if (middle == null) radius *= 0.95;
        }
        double apart = n < 2 ? 1 : 2 * radius * Math.sin(Math.PI / n);
        if (apart < APART)
            find("close", -1, Words.say("A ring of %d has %.2f m between neighbours here; make two rings.", n, apart));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            points.add(new Point(middle.x() + radius * Math.cos(a), middle.y() + radius * Math.sin(a)));
        }
        all(points);
        Rect box = new Rect(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius);
        inside(0, Frame.of(box, true, false));
        pile(box.grown(-radius / 2));
    }

    /** Where a ring of this radius is clear, nearest to the middle of the floor. */
    private @Nullable Point centre(double radius) {
        Rect centres = floor.clear.grown(-radius);
        Point middle = floor.clear.middle();
        Point best = null;
        for (double x = centres.x(); x <= centres.x() + centres.w() + 0.001; x += 0.25)
            for (double y = centres.y(); y <= centres.y() + centres.h() + 0.001; y += 0.25) {
                Rect box = new Rect(x - radius, y - radius, 2 * radius, 2 * radius);
                Point p = new Point(x, y);
                if (floor.keepOut.stream().noneMatch(box::overlaps) && (best == null || p.to(middle) < best.to(middle)))
                    best = p;
            }
        return best;
    }

    /** Two halves with a line between; each side keeps a metre from it. */
    void twoSides() {
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

    /** All start at one end and cross to a line three metres before the far wall; what stops them is between. */
    void crossing() {
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
        int catchers = Math.min(n - 1, task.parts().isEmpty() ? 0 : Math.max(1, n / 12));
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
