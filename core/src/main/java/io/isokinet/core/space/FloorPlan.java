package io.isokinet.core.space;

import io.isokinet.core.check.Finding;
import io.isokinet.core.quantity.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * An activity on its floor, to scale. All in metres from the corner at the left and the top.
 *
 * @param areas the floor of each group, in the order of the groups, of those that are on it first where groups take turns; empty where
 *     all share the floor
 * @param spots one for each child that takes part, by group and place in the group
 * @param closed floor in front of throwing lines, shut to the walls until the signal
 * @param teacher where the cue is seen from
 * @param vantages where else one may stand to watch; empty where children move about
 * @param gather where all meet at the signal; null where each stays
 * @param findings what is too tight, with by how much
 * @param reasons sentences with their numbers
 */
public record FloorPlan(
        Length length,
        Length width,
        List<Area> areas,
        List<Spot> spots,
        List<Line> lines,
        List<Thing> things,
        List<Rect> closed,
        Point teacher,
        List<Vantage> vantages,
        @Nullable Point gather,
        List<Finding> findings,
        List<String> reasons) {
    public FloorPlan {
        areas = List.copyOf(areas);
        spots = List.copyOf(spots);
        lines = List.copyOf(lines);
        things = List.copyOf(things);
        closed = List.copyOf(closed);
        vantages = List.copyOf(vantages);
        findings = List.copyOf(findings);
        reasons = List.copyOf(reasons);
    }

    /** The same with other spots. */
    FloorPlan with(List<Spot> others) {
        return new FloorPlan(
                length, width, areas, others, lines, things, closed, teacher, vantages, gather, findings, reasons);
    }

    /** The floor of one group alone, with what is on it, in a corner of its own and turned to lie along: how one lane is set out. Empty where all share the floor. */
    public Optional<FloorPlan> only(int group) {
        return areas.stream().filter(a -> a.group() == group).findFirst().map(a -> only(a.rect(), group));
    }

    private FloorPlan only(Rect rect, int group) {
        boolean turned = rect.h() > rect.w();
        UnaryOperator<Point> moved = p -> turned
                ? new Point(p.y() - rect.y(), rect.x() + rect.w() - p.x())
                : new Point(p.x() - rect.x(), p.y() - rect.y());
        double along = Math.max(rect.w(), rect.h());
        double across = Math.min(rect.w(), rect.h());
        return new FloorPlan(
                new Length(along),
                new Length(across),
                List.of(new Area(group, new Rect(0, 0, along, across), false)),
                spots.stream()
                        .filter(s -> s.group() == group)
                        .map(s -> new Spot(
                                s.does(), moved.apply(s.at()), s.group(), s.place(), s.leftHanded(), s.label()))
                        .toList(),
                lines.stream()
                        .filter(l -> rect.holds(l.from()) && rect.holds(l.to()))
                        .map(l -> new Line(l.kind(), moved.apply(l.from()), moved.apply(l.to()), l.label()))
                        .toList(),
                things.stream()
                        .filter(t -> t.group() == group)
                        .map(t -> new Thing(t.kind(), moved.apply(t.at()), t.size(), t.group(), t.label()))
                        .toList(),
                List.of(),
                moved.apply(teacher),
                List.of(),
                null,
                List.of(),
                List.of());
    }

    /**
     * A place with a wall behind, outside every lane, from which some groups are near and seen from the right side.
     *
     * @param groups indexes from 0, in order
     */
    public record Vantage(Point at, List<Integer> groups) {
        public Vantage {
            groups = List.copyOf(groups);
        }
    }

    /** @param movable true if it can be put elsewhere by itself */
    public record Area(int group, Rect rect, boolean movable) {}

    /**
     * Where a child stands to begin.
     *
     * @param group index from 0; -1 where there are no groups
     * @param place in the group, from 0
     * @param label the part it plays; empty for none
     */
    public record Spot(Does does, Point at, int group, int place, boolean leftHanded, String label) {
        public enum Does {
            ACTS,
            WAITS,
            SCORES
        }
    }

    /** @param label beside it; empty for none */
    public record Line(Kind kind, Point from, Point to, String label) {
        public enum Kind {
            START,
            /** Where it is easier or harder. */
            STEP,
            BACK_STOP,
            MIDDLE,
            FAR,
            ZONE,
            SECTOR,
            /** The way to fetch and back. */
            WAY,
            /** From one station to the next. */
            ROTATE,
            /** A rope or a tape that lies across the way. */
            ROPE,
            /** What hangs across the way, to be played over or under. */
            NET
        }
    }

    /** @param size its width in metres @param group -1 if it is everybody's */
    public record Thing(Kind kind, Point at, double size, int group, String label) {
        /** Between neighbours in a row of pins, in metres: twelve inches. USBC Equipment Specifications. */
        public static final double PIN_GAP = 0.3048;

        public enum Kind {
            PIN,
            TARGET,
            MARKER,
            PILE
        }
    }
}
