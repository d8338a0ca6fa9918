package io.isokinet.core.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

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
     * What is believed of a child and a cue.
     *
     * @param then in the last of the lessons, before anybody looks: its practice may settle what is open, and open what is settled
     */
    private record Both(Believed now, Believed then) {
        /** Fewest more looks after which it is more likely decided than not; more than {@link #MOST} if none. */
        int needed() {
            for (int k = 0; k <= MOST; k++) if (then.decidedAfter(k) >= LIKELY) return k;
            return MOST + 1;
        }
    }

    /**
     * @param cells of every child and cue that was taught or will be
     * @param then what is believed of a cell in the last of the lessons, before anybody looks
     * @param lessons until the date, in order
     */
    public static SignOff of(List<Cell> cells, Function<Cell, Believed> then, List<Lesson> lessons) {
        Map<String, List<Both>> byCue = new LinkedHashMap<>();
        cells.forEach(
                c -> byCue.computeIfAbsent(c.cue(), k -> new ArrayList<>()).add(new Both(c.believed(), then.apply(c))));
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

    private static CueLine line(String cue, List<Both> cells, List<Lesson> lessons, Map<String, Integer> left) {
        List<Both> byNeed =
                cells.stream().sorted(Comparator.comparingInt(Both::needed)).toList();
        int wanted =
                byNeed.stream().mapToInt(Both::needed).filter(n -> n <= MOST).sum();
        Map<String, Integer> planned = new LinkedHashMap<>();
        int given = 0;
        for (Lesson l : lessons) {
            int take = l.cues().contains(cue) ? Math.min(wanted - given, left.get(l.id())) : 0;
            if (take == 0) continue;
            planned.put(l.id(), take);
            left.merge(l.id(), -take, Integer::sum);
            given += take;
        }
        double by = 0;
        int spent = 0;
        for (Both c : byNeed) {
            int looks = c.needed() <= MOST ? c.needed() : 0;
            spent += looks;
            by += c.then().decidedAfter(spent <= given ? looks : 0);
        }
        int decided = (int) cells.stream().filter(c -> c.now().decided()).count();
        return new CueLine(cue, cells.size(), decided, wanted, Math.max(0, (int) Math.round(by - decided)), planned);
    }

    /** Looks a child, for those who can be decided. */
    private static double cost(List<Both> cells) {
        return cells.stream()
                .mapToInt(Both::needed)
                .filter(n -> n > 0 && n <= MOST)
                .average()
                .orElse(Double.MAX_VALUE);
    }
}
