package io.isokinet.core.space;

import io.isokinet.core.check.Finding;
import io.isokinet.core.place.Place;
import io.isokinet.core.space.FloorPlan.Area;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The floors of stations drawn on one. */
public final class SideBySide {
    private SideBySide() {}

    /** A station: its part of the place, its floor as if that were a place of its own, and so many children who begin there. */
    public record Station(String name, Zone zone, FloorPlan floor, int children) {}

    /** @param stations in their order; the groups of the plan are theirs */
    public static FloorPlan of(Place place, List<Station> stations) {
        List<Area> areas = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        List<Thing> things = new ArrayList<>();
        List<Rect> closed = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            Station s = stations.get(i);
            Zone zone = s.zone();
            int group = i;
            areas.add(new Area(group, zone.area(), false));
            // A station is laid out for the largest group; a smaller one leaves places empty.
            int place0 = 0;
            for (Spot spot : s.floor().spots())
                if (place0 < s.children())
                    spots.add(new Spot(
                            spot.does(), zone.whole(spot.at()), group, place0++, spot.leftHanded(), spot.label()));
            for (Line line : s.floor().lines())
                lines.add(new Line(line.kind(), zone.whole(line.from()), zone.whole(line.to()), line.label()));
            for (Thing thing : s.floor().things())
                things.add(new Thing(thing.kind(), zone.whole(thing.at()), thing.size(), group, thing.label()));
            s.floor().closed().forEach(r -> closed.add(zone.whole(r)));
            s.floor()
                    .findings()
                    .forEach(f -> findings.add(new Finding(f.rule(), f.where(), s.name() + ": " + f.message())));
            Point here = zone.area().middle();
            Point next = stations.get((i + 1) % stations.size()).zone().area().middle();
            lines.add(new Line(Line.Kind.ROTATE, here, next, ""));
        }
        Floor floor = new Floor(place);
        Point middle = new Point(floor.length / 2, floor.width / 2);
        Point teacher = floor.edge().stream()
                .filter(p -> closed.stream().noneMatch(c -> c.holds(p)))
                .filter(p -> spots.stream().noneMatch(s -> s.at().to(p) < 0.5))
                .min(Comparator.comparingDouble(middle::to))
                .orElse(new Point(Floor.MARGIN / 2, Floor.MARGIN / 2));
        return new FloorPlan(
                place.length(),
                place.width(),
                areas,
                spots,
                lines,
                things,
                closed,
                teacher,
                List.of(),
                null,
                findings,
                List.of("With a wall behind and every station in front; the one with the cue to watch is walked to."));
    }
}
