package io.isokinet.core.kit;

import io.isokinet.core.thing.Item;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What changes hands over a lesson: what is handed out, put away or stays, and when. */
public final class KitMoves {
    private KitMoves() {}

    /**
     * A stretch of a lesson with its kit.
     *
     * @param minute at which it begins, from 0
     */
    public record Stretch(int minute, String name, List<KitLine> kit) {}

    /**
     * One change at the beginning of a stretch.
     *
     * @param change pieces handed out, less than zero for put away
     * @param words "14 foam balls put away, 13 stay"
     */
    public record Move(int minute, String item, int change, String words) {}

    /**
     * @param items by key
     * @return in the order of time; over the whole lesson the changes of each thing add up to zero
     */
    public static List<Move> of(List<Stretch> stretches, int end, Map<String, Item> items) {
        List<Move> moves = new ArrayList<>();
        Map<String, Integer> out = new LinkedHashMap<>();
        for (Stretch stretch : stretches) {
            Map<String, Integer> now = counts(stretch.kit());
            change(stretch.minute(), out, now, items, moves);
            out = now;
        }
        change(end, out, Map.of(), items, moves);
        return moves;
    }

    /** What changes hands at one moment, in one line: first what goes away, then what comes. */
    public record Change(int minute, List<String> words) {}

    /** Moment by moment, in the order of time. */
    public static List<Change> byMinute(List<Move> moves) {
        Map<Integer, List<Move>> byMinute = new TreeMap<>();
        for (Move move : moves)
            byMinute.computeIfAbsent(move.minute(), m -> new ArrayList<>()).add(move);
        return byMinute.entrySet().stream()
                .map(e -> new Change(
                        e.getKey(),
                        e.getValue().stream()
                                .sorted(Comparator.comparing(m -> m.change() > 0))
                                .map(Move::words)
                                .toList()))
                .toList();
    }

    private static Map<String, Integer> counts(List<KitLine> lines) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (KitLine line : lines) counts.merge(line.item(), line.count(), Integer::sum);
        return counts;
    }

    private static void change(
            int minute, Map<String, Integer> was, Map<String, Integer> now, Map<String, Item> items, List<Move> moves) {
        was.forEach((item, count) -> {
            int stays = now.getOrDefault(item, 0);
            if (stays < count)
                moves.add(new Move(
                        minute,
                        item,
                        stays - count,
                        stays == 0
                                ? items.get(item).counted(count) + " put away"
                                : "%s put away, %d %s"
                                        .formatted(
                                                items.get(item).counted(count - stays),
                                                stays,
                                                stays == 1 ? "stays" : "stay")));
        });
        now.forEach((item, count) -> {
            int there = was.getOrDefault(item, 0);
            if (there < count)
                moves.add(new Move(
                        minute,
                        item,
                        count - there,
                        there == 0
                                ? items.get(item).counted(count) + " handed out"
                                : "%s more handed out, %d in all"
                                        .formatted(items.get(item).counted(count - there), count)));
        });
    }
}
