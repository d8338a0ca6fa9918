package io.isokinet.core.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.ClassLooks;
import io.isokinet.core.belief.Look;
import io.isokinet.core.belief.Priors;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A class of which so many looks were shown and so many not yet, all on one day. */
final class Seen {
    private final Map<String, Integer> planned = new LinkedHashMap<>();
    private final List<String[]> cells = new ArrayList<>();
    private final List<Look> looks = new ArrayList<>();

    void add(String child, String cue, int shown, int notYet) {
        add(child, cue, shown, notYet, 0);
    }

    void add(String child, String cue, int shown, int notYet, int plannedLooks) {
        cells.add(new String[] {child, cue});
        planned.put(child + cue, plannedLooks);
        for (int i = 0; i < shown + notYet; i++) looks.add(new Look(child, cue, i < shown, 7));
    }

    ClassBelief belief() {
        Set<String> children = new LinkedHashSet<>();
        Set<String> cues = new LinkedHashSet<>();
        cells.forEach(c -> {
            children.add(c[0]);
            cues.add(c[1]);
        });
        Map<String, List<Double>> practised = new HashMap<>();
        cues.forEach(c -> practised.put(c, List.of(7.0)));
        return ClassBelief.of(
                new ClassLooks(
                        List.copyOf(children),
                        cues.stream().map(c -> new ClassLooks.Cue(c, "skill")).toList(),
                        looks,
                        practised,
                        Map.of(),
                        7),
                Priors.USUAL);
    }

    List<WatchPlan.Cell> cells() {
        ClassBelief belief = belief();
        return cells.stream()
                .map(c -> {
                    Believed believed = belief.of(c[0], c[1]);
                    return new WatchPlan.Cell(c[0], c[1], believed, planned.get(c[0] + c[1]));
                })
                .toList();
    }

    WatchPlan plan(int many) {
        return WatchPlan.of(belief(), cells(), many);
    }
}
