package io.isokinet.core.space;

import io.isokinet.core.space.FloorTask.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The floors of the groups, spread over what is free: in rows that stand apart, and as long as the step beside theirs asks for. */
final class Spread {
    /** Between the backs of one row and the next, where there is room. Common practice. */
    private static final double BACKS_APART = 3;
    /** Between the floor of one group and the next, where there is room; between those that kick outdoors. Common practice. */
    private static final double SIDE_APART = 0.5;

    private static final double KICKS_APART = 3;

    /** By which lanes are lengthened. */
    private static final double STEP = 0.25;

    private final FloorTask task;
    private final Floor floor;

    Spread(FloorTask task, Floor floor) {
        this.task = task;
        this.floor = floor;
    }

    /** As many as there are groups, out of all there is room for. */
    List<Rect> over(List<Rect> slots, boolean along) {
        return apart(spreadOut(slots, task.sizes().size(), along), along);
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
                .wanted(
                        task.need(),
                        metres,
                        largest,
                        pins,
                        false,
                        false,
                        task.sending().runUp(),
                        0)
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
}
