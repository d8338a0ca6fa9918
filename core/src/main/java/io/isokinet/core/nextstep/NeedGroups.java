package io.isokinet.core.nextstep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Children by the cue they need next, for stations: each goes where its first need is, and small groups join the nearest one. Who
 * needs none stands with nobody who does.
 */
public final class NeedGroups {
    private static final int SMALLEST = 3;
    /** From so large a share of the last looks on a cue needs another look, not practice. */
    private static final double NEARLY = 2.0 / 3;

    private NeedGroups() {}

    /** @param cue they share; empty for those who need none */
    public record Group(String cue, List<String> children) {}

    /**
     * Whether a child needs to practise a cue, by its last looks. One of each kind is added to them so that a single look does not
     * decide: two of two shown are three of four.
     *
     * @param shown and
     * @param looks of the last ones, {@code shown} at most {@code looks}
     */
    public static boolean needsPractice(int shown, int looks) {
        return shareShown(shown, looks) < NEARLY;
    }

    /** The share of the last looks that showed a cue, one of each kind added; 1 without any look. */
    public static double shareShown(int shown, int looks) {
        return looks == 0 ? 1 : (shown + 1.0) / (looks + 2);
    }

    /**
     * @param needs cues that each child has to practise, the one it needs most first; empty for none
     * @param most groups there may be, at least 1; a group of those who need none is one of them, and one of those who do is made
     *     whatever there may be
     */
    public static List<Group> of(Map<String, List<String>> needs, int most) {
        Map<String, List<String>> byFirst = new LinkedHashMap<>();
        List<String> none = new ArrayList<>();
        needs.forEach((child, cues) -> {
            if (cues.isEmpty()) none.add(child);
            else byFirst.computeIfAbsent(cues.get(0), c -> new ArrayList<>()).add(child);
        });
        int room = Math.max(1, none.isEmpty() ? most : most - 1);
        while (byFirst.size() > 1) {
            String smallest = byFirst.entrySet().stream()
                    .min(Comparator.comparingInt(e -> e.getValue().size()))
                    .orElseThrow()
                    .getKey();
            if (byFirst.get(smallest).size() >= SMALLEST && byFirst.size() <= room) break;
            List<String> move = byFirst.remove(smallest);
            for (String child : move)
                byFirst.get(nearest(needs.get(child), byFirst)).add(child);
        }
        if (!none.isEmpty()) byFirst.put("", none);
        return byFirst.entrySet().stream()
                .map(e -> new Group(e.getKey(), List.copyOf(e.getValue())))
                .sorted(Comparator.comparingInt((Group g) -> -g.children().size()))
                .toList();
    }

    /** The group of the first of a child's other needs that there is; else the smallest. */
    private static String nearest(List<String> needs, Map<String, List<String>> groups) {
        Optional<String> own = needs.stream().filter(groups::containsKey).findFirst();
        return own.orElseGet(() -> groups.entrySet().stream()
                .min(Comparator.comparingInt(e -> e.getValue().size()))
                .orElseThrow()
                .getKey());
    }
}
