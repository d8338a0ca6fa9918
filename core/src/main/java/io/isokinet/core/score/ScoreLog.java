package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.OtherSide;
import io.isokinet.core.score.ScoreEvent.Scored;
import io.isokinet.core.score.ScoreEvent.Undone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads a log: what counts of it, in its order. */
public final class ScoreLog {
    private ScoreLog() {}

    /**
     * What was scored and not taken back, on the side where it belongs.
     *
     * @param events in the order in which they happened; an id that comes again is the same event
     */
    public static List<Scored> counts(List<ScoreEvent> events) {
        List<ScoreEvent> once = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (ScoreEvent e : events) if (seen.add(e.id())) once.add(e);
        // Backwards: an undo that was itself undone takes nothing back.
        Set<String> gone = new HashSet<>();
        for (int i = once.size() - 1; i >= 0; i--)
            if (once.get(i) instanceof Undone u && !gone.contains(u.id())) gone.add(u.of());
        Map<String, Integer> sides = new HashMap<>();
        for (ScoreEvent e : once) if (e instanceof OtherSide o && !gone.contains(o.id())) sides.put(o.of(), o.side());
        List<Scored> counts = new ArrayList<>();
        for (ScoreEvent e : once)
            if (e instanceof Scored s && !gone.contains(s.id()))
                counts.add(new Scored(s.id(), sides.getOrDefault(s.id(), s.side()), s.numbers()));
        return counts;
    }
}
