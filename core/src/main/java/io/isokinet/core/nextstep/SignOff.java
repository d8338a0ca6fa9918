package io.isokinet.core.nextstep;

import io.isokinet.core.nextstep.WatchPlan.Cell;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What can be decided by a date, and in which lessons to look for it: the cues that cost fewest looks a child come first, each in
 * the lessons that show it, until the looks are used up.
 *
 * @param cues in the order in which they are looked for
 * @param looks of all lessons until then
 * @param used of those
 */
public record SignOff(List<CueLine> cues, int looks, int used) {
    /** More looks than that are a check; what would need them is left open. */
    private static final int MOST = 6;

    private static final double LIKELY = 0.5;

    public SignOff {
        cues = List.copyOf(cues);
    }

    /**
     * A lesson to come.
     *
     * @param cues that can be seen in it
     * @param looks one pair of eyes has in it
     */
    public record Lesson(String id, List<String> cues, int looks) {}

    /**
     * @param decided children of whom nothing is open, of {@code children}
     * @param needed looks for those who can be decided
     * @param planned of those, by lesson
     * @param likely children more who are likely to be decided by then
     */
    public record CueLine(String cue, int children, int decided, int needed, int likely, Map<String, Integer> planned) {
        public CueLine {
            planned = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(planned));
        }
    }

    /**
     * @param cells of every child and cue that was taught or will be
     * @param lessons until the date, in order
     */
    public static SignOff of(List<Cell> cells, List<Lesson> lessons) {
        Map<String, List<Cell>> byCue = new LinkedHashMap<>();
        cells.forEach(
                c -> byCue.computeIfAbsent(c.cue(), k -> new ArrayList<>()).add(c));
        Map<String, Integer> left = new LinkedHashMap<>();
        lessons.forEach(l -> left.put(l.id(), l.looks()));
        List<CueLine> lines = new ArrayList<>();
        byCue.keySet().stream()
                .sorted(Comparator.comparingDouble(cue -> cost(byCue.get(cue))))
                .forEach(cue -> lines.add(line(cue, byCue.get(cue), lessons, left)));
        int looks = lessons.stream().mapToInt(Lesson::looks).sum();
        return new SignOff(
                lines,
                looks,
                looks - left.values().stream().mapToInt(Integer::intValue).sum());
    }

    private static CueLine line(String cue, List<Cell> cells, List<Lesson> lessons, Map<String, Integer> left) {
        List<Cell> open = cells.stream()
                .filter(c -> needed(c) > 0 && needed(c) <= MOST)
                .sorted(Comparator.comparingInt(SignOff::needed))
                .toList();
        int wanted = open.stream().mapToInt(SignOff::needed).sum();
        Map<String, Integer> planned = new LinkedHashMap<>();
        int given = 0;
        for (Lesson l : lessons) {
            int take = l.cues().contains(cue) ? Math.min(wanted - given, left.get(l.id())) : 0;
            if (take == 0) continue;
            planned.put(l.id(), take);
            left.merge(l.id(), -take, Integer::sum);
            given += take;
        }
        double likely = 0;
        int spent = 0;
        for (Cell c : open) {
            spent += needed(c);
            if (spent <= given) likely += c.believed().decidedAfter(needed(c));
        }
        return new CueLine(cue, cells.size(), decided(cells), wanted, (int) Math.round(likely), planned);
    }

    /** Looks a child, for those who can be decided. */
    private static double cost(List<Cell> cells) {
        return cells.stream()
                .mapToInt(SignOff::needed)
                .filter(n -> n > 0 && n <= MOST)
                .average()
                .orElse(Double.MAX_VALUE);
    }

    /** Fewest more looks after which it is more likely decided than not; more than {@link #MOST} if none. */
    private static int needed(Cell c) {
        for (int k = 0; k <= MOST; k++) if (c.believed().decidedAfter(k) >= LIKELY) return k;
        return MOST + 1;
    }

    /** How many cells are decided as far as looks go. */
    public static int decided(List<Cell> cells) {
        return (int) cells.stream().filter(c -> c.believed().decided()).count();
    }
}
