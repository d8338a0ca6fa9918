package io.isokinet.core.space;

import static io.isokinet.core.space.LaneLength.APART;
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
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A floor plan while it is drawn: a class for each formation, and here what they have in common. */
abstract class Sketch {

    private static final int MOST_SCORERS = 6;

    final FloorTask task;
    final Floor floor;
    /** The floor of each group; empty where they have none of their own. */
    List<Rect> slots = List.of();

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

    /** Draws all groups. */
    abstract void draw(FloorPlanner planner, FloorFit fit);

    /** Where the teacher stands if the formation says so; null for where the cue is seen best. */
    @Nullable
    Point teacher() {
        return null;
    }

    /** True if a start line lies across the floor. */
    /** True if the children of a group face each other. */
    boolean face() {
        return false;
    }

    boolean hasStartLine() {
        return true;
    }

    /** @param group -1 for the whole floor */
    void find(String rule, int group, String message) {
        findings.add(new Finding(rule, group < 0 ? "floor" : "group " + (group + 1), message));
    }

    /** As far as there is floor: where groups were moved by hand, a finding says what is missing. */
    double drawn(int group, double metres, double most, String between) {
        if (metres <= most + 0.001) return metres;
        find(
                "too-short",
                group,
                Words.say(
                        "%.1f m %s want %.1f m more floor than there is; drawn at %.1f m.",
                        metres, between, metres - most, most));
        return most;
    }

    void stand(Spot.Does does, Point at, int group, int place, String label) {
        int left = group >= 0 && group < task.leftHanded().size()
                ? task.leftHanded().get(group)
                : 0;
        // Who sends with the left comes up in turn: the last places of a group hold them.
        boolean lefty = group >= 0 && place >= task.sizes().get(group) - left;
        spots.add(new Spot(does, at, group, place, lefty, label));
    }

    /**
     * Side by side in the queue, so that it takes at most a third of the floor and leaves the distance.
     *
     * @param left metres that the queue may take
     */
    static int columns(int size, Frame f, double left) {
        int columns = 1;
        int most = LaneLength.columns(size, f.width());
        while (LaneLength.queue(size, columns) > Math.min(f.length() / 3, left) && columns < most) columns++;
        return columns;
    }

    /** One acts behind the line; the others wait a swing behind, closer together if the floor ends. */
    void queue(int g, Frame f, double line, int columns) {
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

    String parts(int place) {
        return place < task.parts().size() ? task.parts().get(place) : "";
    }

    double triangleDepth() {
        return task.pieces().stream()
                .filter(p -> p.kind() == Thing.Kind.PIN)
                .mapToDouble(p -> LaneLength.depth(p.count()))
                .max()
                .orElse(0);
    }

    /** Targets, marks and the pile of a group, by what the start line and the distance say. */
    void place(int g, Frame f, double line, double metres, double middle) {
        for (Piece piece : task.pieces()) {
            if (piece.across() != null && piece.per() != Need.Per.CHILD && piece.isOf(g)) {
                across(g, f, piece, piece.across(), line, metres);
                continue;
            }
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
                                    f.at(inside(f, line + along(piece, i, n, metres)), middle),
                                    piece.width(),
                                    g,
                                    piece.label()));
                }
            }
        }
    }

    /** What is long lies or hangs across the way: of two who face each other in the middle, else at its distances. */
    private void across(int g, Frame f, Piece piece, Line.Kind kind, double line, double metres) {
        boolean between = kind == Line.Kind.NET || face();
        int n = piece.per() == Need.Per.CLASS ? 1 : piece.count();
        for (int i = 0; i < n; i++) {
            double u = inside(
                    f,
                    line
                            + (!between
                                    ? along(piece, i, n, metres)
                                    : piece.apart() == null
                                            ? metres * (i + 1) / (n + 1)
                                            : metres / 2 + (i - (n - 1) / 2.0) * piece.apart()));
            lines.add(new Line(kind, f.at(u, 0), f.at(u, f.width()), g == 0 && i == 0 ? piece.label() : ""));
        }
    }

    /** How far on the next of several stands: as far apart as is said, else over the whole distance. */
    private static double along(Piece piece, int i, int n, double metres) {
        return piece.apart() == null ? metres * (i + 1) / n : piece.apart() * (i + 1);
    }

    static double inside(Frame f, double u) {
        return Math.max(0.1, Math.min(f.length() - 0.1, u));
    }

    void pins(int g, Frame f, Piece piece, double u, double middle) {
        int rows = LaneLength.rows(piece.count());
        if (rows == 1) {
            row(g, f, piece, u, piece.count());
            return;
        }
        for (int r = 0; r < rows; r++)
            for (int i = 0; i <= r; i++)
                things.add(new Thing(
                        piece.kind(),
                        f.at(inside(f, u + r * PIN_ROW), middle + (i - r / 2.0) * Thing.PIN_GAP),
                        piece.width(),
                        g,
                        piece.label()));
    }

    void row(int g, Frame f, Piece piece, double u, int n) {
        double pitch = piece.apart() == null
                ? Math.max(Math.min(f.width() / (n + 1), 0.8), Math.min(f.width() / n, piece.width() + 0.05))
                : Math.min(f.width() / Math.max(1, n - 1), piece.apart());
        for (int i = 0; i < n; i++)
            things.add(new Thing(
                    piece.kind(),
                    f.at(inside(f, u), f.width() / 2 + (i - (n - 1) / 2.0) * pitch),
                    piece.width(),
                    g,
                    piece.label()));
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
    void inside(int g, Frame f) {
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

    /** Children by group in the order of the points. */
    void all(List<Point> points) {
        int next = 0;
        for (int g = 0; g < task.sizes().size(); g++)
            for (int i = 0; i < task.sizes().get(g); i++)
                stand(Spot.Does.ACTS, points.get(next++), g, i, task.formation().spreads() ? "" : parts(i));
    }

    void pile(Rect within) {
        for (Piece piece : task.pieces())
            if (piece.kind() == Thing.Kind.PILE && piece.per() == Need.Per.CLASS) {
                Point at = floor.spread(within, 9).get(4);
                things.add(new Thing(piece.kind(), at, 0.4, -1, piece.count() + " " + piece.label()));
            }
    }
}
