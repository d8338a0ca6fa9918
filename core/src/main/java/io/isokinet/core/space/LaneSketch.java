package io.isokinet.core.space;

import static io.isokinet.core.space.LaneLength.BACK;
import static io.isokinet.core.space.LaneLength.BEHIND_TARGET;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorTask.Way;
import java.util.List;

/** Lanes and relay files: all send the same way from one line. */
final class LaneSketch extends SlotSketch {
    LaneSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** Zones for measured throws. Common practice. */
    private static final double ZONE = 0.5;
    /** The sector of a heavy ball: the chord between its lines is 0.60 r. World Athletics Competition Rules, from memory. */
    static final double SECTOR_DEGREES = 34.92;

    /** A lane or relay file: one acts on the start line, the others wait behind it, the target stands ahead. */
    @Override
    void group(int g, Frame f) {
        int size = task.sizes().get(g);
        boolean runs = task.sending().way() == Way.RUN || task.sending().way() == Way.NOTHING;
        double depth = triangleDepth();
        // One line for all lanes: the longest queue says where it is.
        int largest = task.sizes().stream().mapToInt(Integer::intValue).max().orElse(size);
        double farEnd = f.length() - BEHIND_TARGET;
        if (runs) farEnd = Math.min(farEnd, f.length() - FloorPlanner.RUN_OUT + behind(f));
        Double told = task.sending().metres();
        double runUp = task.sending().runUp();
        int columns = columns(largest, f, farEnd - depth - (told == null ? 0 : told) - BACK - runUp);
        double queue = LaneLength.queue(largest, columns) + runUp;
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
        queue(g, f, line - runUp, columns);
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

    /** Free metres between the end of a group's floor and the wall ahead of it. */
    private double behind(Frame f) {
        Point end = f.at(f.length(), f.width() / 2);
        if (f.ahead().x() > 0.5) return floor.length - end.x();
        if (f.ahead().x() < -0.5) return end.x();
        return f.ahead().y() > 0 ? floor.width - end.y() : end.y();
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

    @Override
    List<Rect> areas(FloorPlanner planner, FloorFit fit) {
        return new Spread(task, floor).lengthened(planner.placed(fit), fit.along());
    }

    @Override
    void together(FloorPlanner planner, FloorFit fit, boolean back) {
        planner.close(slots, fit.along(), back);
        planner.way(slots, fit.along(), back);
    }
}
