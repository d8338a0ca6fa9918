package io.isokinet.core.space;

import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A part of a place that is used as if it were a place of its own.
 *
 * @param place the part, with what stands in it
 * @param from where it begins along the length of the whole, in metres
 * @param turned true if its longer side lies across the whole
 */
public record Zone(Place place, double from, boolean turned) {
    /**
     * A place cut across its length into equal parts. Inner edges are not walls.
     *
     * @param parts at least 1
     * @throws IllegalArgumentException if a part would be too small to move in
     */
    public static List<Zone> of(Place whole, int parts) {
        double deep = whole.length().metres() / parts;
        double wide = whole.width().metres();
        if (deep < 2)
            throw new IllegalArgumentException(Words.say(
                    "%d stations side by side in %s have %.1f m each; 2 m are needed. Take fewer stations.",
                    parts, whole.name(), deep));
        boolean turned = wide > deep;
        List<Fixture> fixtures = new ArrayList<>(whole.fixtures());
        if (whole.wallSpots() > 0 && fixtures.stream().noneMatch(f -> f.kind() == Fixture.Kind.WALL))
            fixtures.addAll(walls(whole.length().metres(), wide));
        return IntStream.range(0, parts)
                .mapToObj(i -> {
                    double from = i * deep;
                    List<Fixture> inside = fixtures.stream()
                            .flatMap(f -> clipped(f, from, deep))
                            .map(f -> turned ? turned(f) : f)
                            .toList();
                    int spots = inside.stream()
                            .filter(f -> f.kind() == Fixture.Kind.WALL)
                            .mapToInt(f -> Place.wallSpots(new Length(Math.hypot(f.dx(), f.dy()))))
                            .sum();
                    return new Zone(
                            new Place(
                                    "part %d of %s".formatted(i + 1, whole.name()),
                                    new Length(Math.max(deep, wide)),
                                    new Length(Math.min(deep, wide)),
                                    whole.ceiling(),
                                    whole.floor(),
                                    Math.min(spots, whole.wallSpots()),
                                    inside),
                            from,
                            turned);
                })
                .toList();
    }

    private static List<Fixture> walls(double length, double width) {
        return List.of(
                new Fixture(Fixture.Kind.WALL, "", 0, 0, length, 0),
                new Fixture(Fixture.Kind.WALL, "", 0, width, length, 0),
                new Fixture(Fixture.Kind.WALL, "", 0, 0, 0, width),
                new Fixture(Fixture.Kind.WALL, "", length, 0, 0, width));
    }

    /** What of it lies in the part, told from the part's corner. */
    private static Stream<Fixture> clipped(Fixture f, double from, double wide) {
        if (f.kind() == Fixture.Kind.CIRCLE)
            return f.x() >= from && f.x() <= from + wide
                    ? Stream.of(new Fixture(f.kind(), f.label(), f.x() - from, f.y(), f.dx(), f.dy()))
                    : Stream.empty();
        double left = Math.max(Math.min(f.x(), f.x() + f.dx()), from);
        double right = Math.min(Math.max(f.x(), f.x() + f.dx()), from + wide);
        return left > right || left == right && f.dx() != 0
                ? Stream.empty()
                : Stream.of(new Fixture(f.kind(), f.label(), left - from, f.y(), right - left, f.dy()));
    }

    private static Fixture turned(Fixture f) {
        return f.kind() == Fixture.Kind.CIRCLE
                ? new Fixture(f.kind(), f.label(), f.y(), f.x(), f.dx(), f.dy())
                : new Fixture(f.kind(), f.label(), f.y(), f.x(), f.dy(), f.dx());
    }

    /** A point of the part on the floor of the whole. */
    Point whole(Point p) {
        return turned ? new Point(from + p.y(), p.x()) : new Point(from + p.x(), p.y());
    }

    /** A rectangle of the part on the floor of the whole. */
    Rect whole(Rect r) {
        return turned ? new Rect(from + r.y(), r.x(), r.h(), r.w()) : new Rect(from + r.x(), r.y(), r.w(), r.h());
    }

    /** The whole of it on the floor of the whole. */
    public Rect area() {
        return whole(new Rect(0, 0, place.length().metres(), place.width().metres()));
    }
}
