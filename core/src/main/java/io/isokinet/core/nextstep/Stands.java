package io.isokinet.core.nextstep;

import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Vantage;
import io.isokinet.core.space.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * From where to watch in a stretch, and who could change places so that more of those who are to be watched stand together before
 * one spot.
 *
 * @param stands in the order in which they are gone to, where it is worth going; empty where nobody keeps a place
 * @param swaps groups that could change places; empty where that would not bring more before one spot
 * @param looks that are planned
 * @param fromOne of those, from the first spot
 * @param afterSwaps the same once places are changed
 */
public record Stands(List<Stand> stands, List<Swap> swaps, int looks, int fromOne, int afterSwaps, String reason) {
    /** Walking about costs looks too. */
    private static final int MOST = 3;
    /** So many groups change places before it takes longer than it brings. Common practice. */
    private static final int MOST_SWAPS = 4;
    /** Changing places, or going to another spot, takes as long as a look or two: it must bring so many. Common practice. */
    private static final int WORTH_IT = 2;

    public Stands {
        stands = List.copyOf(stands);
        swaps = List.copyOf(swaps);
    }

    /**
     * A spot.
     *
     * @param groups that are seen from it and not from an earlier one, indexes from 0
     */
    public record Stand(Point at, List<Integer> groups, int looks) {}

    /**
     * Two groups of the same size.
     *
     * @param group that is to be watched
     * @param with that need not be
     */
    public record Swap(int group, int with) {}

    /**
     * @param groups children by group, in the order of the floor's groups
     * @param looks that are planned in the stretch, by child
     */
    public static Stands of(FloorPlan floor, List<List<String>> groups, Map<String, Integer> looks) {
        int[] worth = groups.stream()
                .mapToInt(
                        g -> g.stream().mapToInt(c -> looks.getOrDefault(c, 0)).sum())
                .toArray();
        int all = looks.values().stream().mapToInt(Integer::intValue).sum();
        List<Stand> stands = stands(floor, worth);
        int one = stands.isEmpty() ? 0 : stands.get(0).looks();
        List<Swap> swaps = List.of();
        int most = one;
        for (Vantage v : nearestFirst(floor)) {
            List<Swap> tried = swaps(v, groups, worth);
            int after = seen(v, worth)
                    + tried.stream()
                            .mapToInt(s -> worth[s.group()] - worth[s.with()])
                            .sum();
            if (after > most && after - one >= WORTH_IT * tried.size()) {
                most = after;
                swaps = tried;
            }
        }
        return new Stands(stands, swaps, all, one, most, reason(stands, all, one, most));
    }

    /**
     * Which place each group would have that changes now or was changed before, by a child of it: places that hold in whatever
     * order they are taken up.
     *
     * @param groups as they stand
     * @param placed children whose groups were given a place before
     */
    public Map<String, Integer> places(List<List<String>> groups, Set<String> placed) {
        Map<String, Integer> places = new LinkedHashMap<>();
        for (int g = 0; g < groups.size(); g++) {
            int place = placeOf(g);
            Optional<String> before =
                    groups.get(g).stream().filter(placed::contains).findFirst();
            if (place != g || before.isPresent())
                places.put(before.orElse(groups.get(g).get(0)), place);
        }
        return places;
    }

    private int placeOf(int group) {
        for (Swap s : swaps) {
            if (s.group() == group) return s.with();
            if (s.with() == group) return s.group();
        }
        return group;
    }

    /** The spot before which most looks are planned first, then that of what is left. */
    private static List<Stand> stands(FloorPlan floor, int[] worth) {
        List<Stand> stands = new ArrayList<>();
        Set<Integer> done = new HashSet<>();
        while (stands.size() < MOST) {
            Stand best = null;
            for (Vantage v : nearestFirst(floor)) {
                List<Integer> fresh = v.groups().stream()
                        .filter(g -> worth[g] > 0 && !done.contains(g))
                        .toList();
                int seen = fresh.stream().mapToInt(g -> worth[g]).sum();
                if (seen >= (stands.isEmpty() ? 1 : WORTH_IT) && seen > (best == null ? 0 : best.looks()))
                    best = new Stand(v.at(), fresh, seen);
            }
            if (best == null) break;
            stands.add(best);
            done.addAll(best.groups());
        }
        return stands;
    }

    private static List<Vantage> nearestFirst(FloorPlan floor) {
        return floor.vantages().stream()
                .sorted(Comparator.comparingDouble(v -> floor.teacher().to(v.at())))
                .toList();
    }

    private static int seen(Vantage v, int[] worth) {
        return v.groups().stream().mapToInt(g -> worth[g]).sum();
    }

    /** The most wanted groups out of sight against the least wanted ones in sight, as long as that brings looks. */
    private static List<Swap> swaps(Vantage v, List<List<String>> groups, int[] worth) {
        List<Integer> inSight = new ArrayList<>(v.groups());
        inSight.sort(Comparator.comparingInt(g -> worth[g]));
        List<Integer> out = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) if (!v.groups().contains(g)) out.add(g);
        out.sort(Comparator.comparingInt((Integer g) -> -worth[g]));
        List<Swap> swaps = new ArrayList<>();
        for (int g : out)
            if (swaps.size() < MOST_SWAPS)
                inSight.stream()
                        .filter(s -> groups.get(s).size() == groups.get(g).size() && worth[g] - worth[s] >= WORTH_IT)
                        .findFirst()
                        .ifPresent(s -> {
                            swaps.add(new Swap(g, s));
                            inSight.remove(Integer.valueOf(s));
                        });
        return swaps;
    }

    private static String reason(List<Stand> stands, int all, int one, int most) {
        if (stands.isEmpty()) return "Nobody keeps a place here: stand where all are in front.";
        String from = stands.stream().map(s -> Integer.toString(s.looks())).collect(Collectors.joining(", then "));
        return "%s of %d looks from %s."
                        .formatted(from, all, stands.size() == 1 ? "one spot" : stands.size() + " spots")
                + (most > one ? " With places changed, %d from one.".formatted(most) : "");
    }
}
