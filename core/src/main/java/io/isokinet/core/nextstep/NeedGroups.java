package io.isokinet.core.nextstep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Children by the cue they need next, for stations: each goes where its first need is, and small groups join the nearest one. */
public final class NeedGroups {
    private static final int SMALLEST = 3;

    private NeedGroups() {}

    /** @param cue they share; empty for those who need none */
    public record Group(String cue, List<String> children) {}

    /**
     * @param needs cues that each child does not own yet, in the order in which they are taught; empty for none
     * @param most groups there may be, at least 1
     */
    public static List<Group> of(Map<String, List<String>> needs, int most) {
        Map<String, List<String>> byFirst = new LinkedHashMap<>();
        needs.forEach(
                (child, cues) -> byFirst.computeIfAbsent(cues.isEmpty() ? "" : cues.get(0), c -> new ArrayList<>())
                        .add(child));
        while (byFirst.size() > 1) {
            String smallest = byFirst.entrySet().stream()
                    .min(Comparator.comparingInt(e -> e.getValue().size()))
                    .orElseThrow()
                    .getKey();
            if (byFirst.get(smallest).size() >= SMALLEST && byFirst.size() <= most) break;
            List<String> move = byFirst.remove(smallest);
            for (String child : move)
                byFirst.get(nearest(needs.get(child), byFirst)).add(child);
        }
        return byFirst.entrySet().stream()
                .map(e -> new Group(e.getKey(), List.copyOf(e.getValue())))
                .sorted(Comparator.comparingInt((Group g) -> -g.children().size()))
                .toList();
    }

    /** The group of the first of a child's other needs that there is; else those who need none, else the smallest. */
    private static String nearest(List<String> needs, Map<String, List<String>> groups) {
        for (String cue : needs) if (groups.containsKey(cue)) return cue;
        return groups.entrySet().stream()
                .min(Comparator.comparingInt(
                        e -> e.getKey().isEmpty() ? -1 : e.getValue().size()))
                .orElseThrow()
                .getKey();
    }
}
