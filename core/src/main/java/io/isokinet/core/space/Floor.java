package io.isokinet.core.space;

import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The free floor of a place: inside the margins, clear of doors and of what stands in the way. */
final class Floor {
    /** Room kept at each wall. Common practice. */
    static final double MARGIN = 0.5;
    /** Room kept in front of a door. Common practice. */
    static final double DOOR = 1.0;
    /** Room kept around what is fixed. Common practice. */
    static final double AROUND = 0.3;
    /** How far from a wall that is played against the floor is needed. */
    static final double WALL_DEPTH = 3.5;

    private final Place place;
    final double length;
    final double width;
    final Rect clear;
    final List<Rect> keepOut;

    Floor(Place place) {
        this.place = place;
        length = place.length().metres();
        width = place.width().metres();
        clear = new Rect(MARGIN, MARGIN, length - 2 * MARGIN, width - 2 * MARGIN);
        keepOut = Stream.concat(
                        fixtures(Fixture.Kind.HAZARD).map(f -> box(f).grown(AROUND)),
                        fixtures(Fixture.Kind.DOOR).map(this::inFrontOf))
                .filter(r -> r.overlaps(clear))
                .toList();
    }

    private Stream<Fixture> fixtures(Fixture.Kind kind) {
        return place.fixtures().stream().filter(f -> f.kind() == kind);
    }

    private static Rect box(Fixture f) {
        return new Rect(
                Math.min(f.x(), f.x() + f.dx()), Math.min(f.y(), f.y() + f.dy()), Math.abs(f.dx()), Math.abs(f.dy()));
    }

    private Rect inFrontOf(Fixture door) {
        Rect edge = box(door);
        if (edge.w() >= edge.h())
            return edge.y() < width / 2
                    ? new Rect(edge.x(), 0, edge.w(), DOOR)
                    : new Rect(edge.x(), width - DOOR, edge.w(), DOOR);
        return edge.x() < length / 2
                ? new Rect(0, edge.y(), DOOR, edge.h())
                : new Rect(length - DOOR, edge.y(), DOOR, edge.h());
    }

    /** Square metres that children can stand on. */
    double area() {
        return clear.w() * clear.h()
                - keepOut.stream().mapToDouble(clear::shared).sum();
    }

    boolean free(Rect r, List<Rect> taken) {
        return clear.encloses(r)
                && keepOut.stream().noneMatch(r::overlaps)
                && taken.stream().noneMatch(r::overlaps);
    }

    boolean free(Point p) {
        return clear.holds(p) && keepOut.stream().noneMatch(k -> k.holds(p));
    }

    /**
     * Rectangles side by side that all send the same way.
     *
     * @param along true if they send along the length
     * @param metresLong of each, the way it sends @param wide of each
     * @param oneBank true if nobody may stand behind another's target
     * @param taken floor that is used already
     */
    List<Rect> slots(boolean along, double metresLong, double wide, boolean oneBank, List<Rect> taken) {
        double end = (along ? length : width) - MARGIN;
        List<Rect> all = new ArrayList<>();
        List<Rect> used = new ArrayList<>(taken);
        while (true) {
            List<Rect> best = List.of();
            for (double start : starts(along, end - metresLong, metresLong, used)) {
                List<Rect> bank = bank(along, start, metresLong, wide, used);
                if (bank.size() > best.size()) best = bank;
            }
            if (best.isEmpty()) break;
            all.addAll(best);
            used.addAll(best);
            if (oneBank) break;
        }
        return all;
    }

    /** Where a row of slots may begin: at the margin, or beside something that is in the way. */
    private List<Double> starts(boolean along, double latest, double metresLong, List<Rect> taken) {
        return Stream.concat(
                        Stream.of(MARGIN, latest),
                        Stream.concat(keepOut.stream(), taken.stream())
                                .flatMap(r -> along
                                        ? Stream.of(r.x() + r.w(), r.x() - metresLong)
                                        : Stream.of(r.y() + r.h(), r.y() - metresLong)))
                .filter(s -> s >= MARGIN - 0.001 && s <= latest + 0.001)
                .distinct()
                .sorted()
                .toList();
    }

    private List<Rect> bank(boolean along, double start, double metresLong, double wide, List<Rect> taken) {
        List<Rect> bank = new ArrayList<>();
        double end = (along ? width : length) - MARGIN;
        double side = MARGIN;
        while (side + wide <= end + 0.001) {
            Rect slot = along ? new Rect(start, side, metresLong, wide) : new Rect(side, start, wide, metresLong);
            double next = Stream.concat(keepOut.stream(), taken.stream())
                    .filter(slot::overlaps)
                    .mapToDouble(r -> along ? r.y() + r.h() : r.x() + r.w())
                    .max()
                    .orElse(0);
            if (next == 0) {
                bank.add(slot);
                side += wide;
            } else side = Math.max(next, side + 0.01);
        }
        return bank;
    }

    /** Places in front of walls that may be played against, as rectangles whose first edge is the wall; none overlap. */
    List<WallSlot> wallSlots(double depth) {
        List<WallSlot> slots = new ArrayList<>();
        List<Rect> used = new ArrayList<>();
        boolean told = fixtures(Fixture.Kind.WALL).findAny().isPresent();
        List<Rect> walls = told
                ? fixtures(Fixture.Kind.WALL).map(Floor::box).toList()
                : List.of(
                        new Rect(0, 0, length, 0),
                        new Rect(0, width, length, 0),
                        new Rect(length, 0, 0, width),
                        new Rect(0, 0, 0, width));
        for (Rect wall : walls) {
            boolean lies = wall.w() >= wall.h();
            double reach = depth;
            if (reach > (lies ? width : length) - MARGIN + 0.001) continue;
            double stretch = lies ? wall.w() : wall.h();
            for (double at = 0; at + Place.WALL_SPOT <= stretch + 0.001; at += Place.WALL_SPOT) {
                boolean low = lies ? wall.y() < width / 2 : wall.x() < length / 2;
                Rect rect = lies
                        ? new Rect(wall.x() + at, low ? 0 : width - reach, Place.WALL_SPOT, reach)
                        : new Rect(low ? 0 : length - reach, wall.y() + at, reach, Place.WALL_SPOT);
                if (keepOut.stream().anyMatch(rect::overlaps)
                        || used.stream().anyMatch(rect::overlaps)
                        || !new Rect(0, 0, length, width).encloses(rect)) continue;
                used.add(rect);
                slots.add(new WallSlot(rect, lies ? new Point(0, low ? -1 : 1) : new Point(low ? -1 : 1, 0)));
            }
        }
        return slots.size() > place.wallSpots() ? slots.subList(0, place.wallSpots()) : slots;
    }

    /** @param towards one metre towards the wall */
    record WallSlot(Rect rect, Point towards) {}

    /**
     * Points for so many children, spread as evenly as the floor allows.
     *
     * @param within the part of the floor to use
     * @param n how many, zero or more
     * @return exactly n points, the first in the first row
     */
    List<Point> spread(Rect within, int n) {
        double pitch = Math.max(0.3, Math.sqrt(within.w() * within.h() / Math.max(1, n)) * 1.25);
        while (true) {
            List<Point> points = grid(within, pitch);
            if (points.size() >= n) return evenly(points, n);
            pitch *= 0.97;
            if (pitch < 0.02)
                throw new IllegalStateException("Impossible state: no room for %d in %s.".formatted(n, within));
        }
    }

    List<Point> grid(Rect within, double pitch) {
        List<Point> points = new ArrayList<>();
        int columns = (int) (within.w() / pitch);
        int rows = (int) (within.h() / pitch);
        double x0 = within.x() + (within.w() - columns * pitch) / 2;
        double y0 = within.y() + (within.h() - rows * pitch) / 2;
        for (int r = 0; r <= rows; r++)
            for (int c = 0; c <= columns; c++) {
                Point p = new Point(x0 + c * pitch, y0 + r * pitch);
                if (free(p)) points.add(p);
            }
        return points;
    }

    private static List<Point> evenly(List<Point> points, int n) {
        List<Point> some = new ArrayList<>();
        for (int i = 0; i < n; i++) some.add(points.get((int) ((long) i * points.size() / n)));
        return some;
    }

    /** Where one could stand with a wall behind: along the walls, half a metre apart, not in a door. */
    List<Point> edge() {
        List<Point> points = new ArrayList<>();
        double in = MARGIN / 2;
        for (double x = in; x <= length - in; x += 0.5) {
            points.add(new Point(x, in));
            points.add(new Point(x, width - in));
        }
        for (double y = in; y <= width - in; y += 0.5) {
            points.add(new Point(in, y));
            points.add(new Point(length - in, y));
        }
        return points.stream()
                .filter(p -> keepOut.stream().noneMatch(k -> k.holds(p)))
                .sorted(Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y))
                .toList();
    }

    /** True if a wall that may be played against, or none with a door, lies at the end that is nearer to the origin. */
    boolean sendsToOrigin(boolean along) {
        double near = stops(along, true);
        double far = stops(along, false);
        return near > far;
    }

    /** Metres of usable wall less metres of door at one end. */
    private double stops(boolean along, boolean origin) {
        return place.fixtures().stream()
                .filter(f -> f.kind() == Fixture.Kind.WALL || f.kind() == Fixture.Kind.DOOR)
                .filter(f -> {
                    Rect edge = box(f);
                    boolean lies = edge.w() >= edge.h();
                    return lies != along && (along ? edge.x() < length / 2 : edge.y() < width / 2) == origin;
                })
                .mapToDouble(f -> Math.hypot(f.dx(), f.dy()) * (f.kind() == Fixture.Kind.WALL ? 1 : -1))
                .sum();
    }
}
