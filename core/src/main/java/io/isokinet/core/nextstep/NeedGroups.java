package io.isokinet.core.nextstep;

import io.isokinet.core.belief.Believed;
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
    /** From so large a share of tries on a cue needs another look, not practice. */
    private static final double NEARLY = 2.0 / 3;

    private NeedGroups() {}

    /** @param cue they share; empty for those who need none */
    public record Group(String cue, List<String> children) {}

    private static final int OWN_WORD = 2;

    /**
     * Whether a child needs to practise a cue: fewer than two tries in three are likely to show it. Without a look of its own nobody is sent
     * to practise, and two looks of its own or more that all showed it, or of which a third or fewer did, outrank what is believed by others.
     *
     * @param shown of its last {@code looks}
     */
    public static boolean needsPractice(Believed believed, int shown, int looks) {
        if (looks == 0) return false;
        if (looks >= OWN_WORD && shown == looks) return false;
        if (looks >= OWN_WORD && 3 * shown <= looks) return true;
        return believed.shown() < NEARLY;
    }

    /**
     * How much a child can do of a cue that it needs, to be practised in the order of: the less of what is believed and of what its own looks
     * say, one of each kind added to them, where there are two or more.
     */
    public static double can(Believed believed, int shown, int looks) {
        double own = looks < OWN_WORD ? 1 : (shown + 1.0) / (looks + 2);
        return Math.min(believed.shown(), own);
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
