package io.isokinet.core.group;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.quantity.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Puts a class into groups: a first deal by the way that was chosen, then exchanges of two children as long as one makes it
 * better. Nobody is left over, nobody is in two groups, and sizes stay as they were asked for.
 */
public final class Grouper {
    /** A broken wish weighs more than everything else together. */
    private static final long WISH = 1_000_000;
    /** What the way asks for weighs more than who has been with whom, except where that is the way. */
    private static final long WAY = 100;

    private final List<Member> members;
    private final Map<String, Member> byId = new HashMap<>();
    private final List<Wish> wishes;
    private final Together before;

    /** Two who must be in one group, or must not. */
    public record Wish(String one, String other, boolean together) {}

    /**
     * @param members everybody of the class, each once
     * @param wishes of children who are not here are left aside
     * @throws IllegalArgumentException if a child is given twice
     */
    public Grouper(List<Member> members, List<Wish> wishes, Together before) {
        this.members = List.copyOf(members);
        this.before = before;
        for (Member m : members)
            if (byId.put(m.id(), m) != null)
                throw new IllegalArgumentException("The child %s was given twice; give each once.".formatted(m.id()));
        this.wishes = wishes.stream()
                .filter(w -> !w.one().equals(w.other()))
                .filter(w -> plays(w.one()) && plays(w.other()))
                .toList();
    }

    private boolean plays(String id) {
        Member m = byId.get(id);
        return m != null && m.plays();
    }

    /** The children who play today. */
    public int playing() {
        return (int) members.stream().filter(Member::plays).count();
    }

    /**
     * New groups.
     *
     * @param groups how many, at least 1 and at most as many as play
     */
    public GroupDeal deal(GroupWay way, int groups) {
        int playing = playing();
        if (groups < 1 || groups > playing)
            throw new IllegalArgumentException(
                    "%d children make 1 to %d groups, not %d.".formatted(playing, playing, groups));
        List<Member> order =
                members.stream().filter(Member::plays).sorted(order(way)).toList();
        List<Integer> sizes = Groups.sizes(playing, groups);
        List<List<String>> dealt = new ArrayList<>();
        for (int g = 0; g < groups; g++) dealt.add(new ArrayList<>());
        if (way == GroupWay.SHARED_NEED || way == GroupWay.SAME_SIDE) {
            int next = 0;
            for (int g = 0; g < groups; g++)
                for (int i = 0; i < sizes.get(g); i++)
                    dealt.get(g).add(order.get(next++).id());
        } else
            for (int i = 0; i < order.size(); i++) {
                int round = i / groups;
                int at = i % groups;
                // There and back, so that the strongest of each round does not always go first.
                boolean back = way == GroupWay.BALANCED && round % 2 == 1 && (round + 1) * groups <= order.size();
                dealt.get(back ? groups - 1 - at : at).add(order.get(i).id());
            }
        return finished(way, dealt);
    }

    /**
     * The same teams in groups of other sizes: cut along the teams, so that neighbours stay neighbours, and then changed only
     * where a wish says so.
     *
     * @param teams earlier groups; whoever is new is added at the end, whoever is away is left out
     * @param sizes wanted; they add up to those who play
     */
    public GroupDeal cut(List<List<String>> teams, List<Integer> sizes) {
        int sum = sizes.stream().mapToInt(Integer::intValue).sum();
        if (sum != playing())
            throw new IllegalArgumentException(
                    "Groups of %s hold %d children; %d play today.".formatted(sizes, sum, playing()));
        List<String> line = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (List<String> team : teams) for (String id : team) if (plays(id) && seen.add(id)) line.add(id);
        for (Member m : members) if (m.plays() && seen.add(m.id())) line.add(m.id());
        List<List<String>> groups = new ArrayList<>();
        int next = 0;
        for (int size : sizes) {
            groups.add(new ArrayList<>(line.subList(next, next + size)));
            next += size;
        }
        exchange(groups, g -> broken(g) * WISH);
        return result(groups, List.of());
    }

    /**
     * The same teams as they were: whoever is gone left out, whoever is new in the smallest.
     *
     * @param teams earlier groups, of any sizes
     */
    public GroupDeal keep(List<List<String>> teams) {
        Set<String> seen = new HashSet<>();
        List<List<String>> groups = new ArrayList<>();
        for (List<String> team : teams) {
            List<String> still =
                    team.stream().filter(id -> plays(id) && seen.add(id)).toList();
            if (!still.isEmpty()) groups.add(new ArrayList<>(still));
        }
        for (Member m : members)
            if (m.plays() && seen.add(m.id())) {
                if (groups.isEmpty()) groups.add(new ArrayList<>());
                groups.stream()
                        .min(Comparator.comparingInt(List::size))
                        .orElseThrow()
                        .add(m.id());
            }
        return result(groups, List.of());
    }

    private GroupDeal finished(GroupWay way, List<List<String>> groups) {
        exchange(groups, g -> broken(g) * WISH + cost(way, g));
        List<String> reasons = new ArrayList<>();
        switch (way) {
            case BALANCED -> {
                int least = groups.stream().mapToInt(this::mean).min().orElse(0);
                int most = groups.stream().mapToInt(this::mean).max().orElse(0);
                reasons.add("Each group owns %d to %d %% of the cues in hand.".formatted(least, most));
            }
            case SHARED_NEED ->
                reasons.add("%d of %d groups share one need."
                        .formatted(groups.stream().filter(g -> needs(g) == 1).count(), groups.size()));
            case MIXED_SIDES, SAME_SIDE ->
                reasons.add("Left-handers by group: %s."
                        .formatted(groups.stream().map(g -> "" + lefts(g)).collect(Collectors.joining(", "))));
            case FRESH -> {
                long met = pairs(groups);
                reasons.add(
                        met == 0
                                ? "Nobody is with anybody from an earlier group."
                                : "Earlier meetings within the new groups: %d.".formatted(met));
            }
            case COUNT_OFF -> {}
        }
        return result(groups, reasons);
    }

    private GroupDeal result(List<List<String>> groups, List<String> reasons) {
        return new GroupDeal(groups, ids(TakesPart.SITS_OUT), ids(TakesPart.AWAY), wishesBroken(groups), reasons);
    }

    private List<String> ids(TakesPart part) {
        return members.stream()
                .filter(m -> m.takesPart() == part)
                .map(Member::id)
                .toList();
    }

    /**
     * What is wrong with groups made by hand: a child in two groups, in none, or not of the class.
     *
     * @param groups ids by group
     */
    public Findings check(List<List<String>> groups) {
        List<Finding> findings = new ArrayList<>();
        Map<String, Integer> at = new HashMap<>();
        for (int g = 0; g < groups.size(); g++)
            for (String id : groups.get(g)) {
                if (!byId.containsKey(id))
                    findings.add(new Finding(
                            "of-the-class",
                            "group " + (g + 1),
                            "A child (%s) is not in this class; take it out.".formatted(id)));
                Integer other = at.putIfAbsent(id, g);
                if (other != null)
                    findings.add(new Finding(
                            "in-one-group",
                            "group " + (g + 1),
                            "A child (%s) is also in group %d; leave it in one.".formatted(id, other + 1)));
            }
        for (Member m : members)
            if (m.plays() && !at.containsKey(m.id()))
                findings.add(new Finding(
                        "nobody-lost", "groups", "A child (%s) is in no group; add it to one.".formatted(m.id())));
        return new Findings(findings);
    }

    private Comparator<Member> order(GroupWay way) {
        return switch (way) {
            case COUNT_OFF, FRESH -> (a, b) -> 0;
            case BALANCED -> Comparator.comparingInt((Member m) -> -m.percent());
            case SHARED_NEED -> Comparator.comparing(Member::need);
            case SAME_SIDE, MIXED_SIDES -> Comparator.comparingInt(m -> m.side() == Side.LEFT ? 0 : 1);
        };
    }

    private interface Cost {
        long of(List<List<String>> groups);
    }

    /** Exchanges two children of different groups as long as one exchange makes it better. */
    private static void exchange(List<List<String>> groups, Cost cost) {
        long now = cost.of(groups);
        boolean better = now > 0;
        // Each exchange lowers a whole number that is never negative, so it ends.
        while (better) {
            better = false;
            for (int g = 0; g < groups.size(); g++)
                for (int h = g + 1; h < groups.size(); h++)
                    for (int i = 0; i < groups.get(g).size(); i++)
                        for (int j = 0; j < groups.get(h).size(); j++) {
                            swap(groups, g, i, h, j);
                            long then = cost.of(groups);
                            if (then < now) {
                                now = then;
                                better = now > 0;
                            } else swap(groups, g, i, h, j);
                        }
        }
    }

    private static void swap(List<List<String>> groups, int g, int i, int h, int j) {
        String one = groups.get(g).get(i);
        groups.get(g).set(i, groups.get(h).get(j));
        groups.get(h).set(j, one);
    }

    private long broken(List<List<String>> groups) {
        if (wishes.isEmpty()) return 0;
        Map<String, Integer> at = at(groups);
        return wishes.stream().filter(w -> isBroken(w, at)).count();
    }

    private static boolean isBroken(Wish w, Map<String, Integer> at) {
        return w.together() != at.get(w.one()).equals(at.get(w.other()));
    }

    private static Map<String, Integer> at(List<List<String>> groups) {
        Map<String, Integer> at = new HashMap<>();
        for (int g = 0; g < groups.size(); g++) for (String id : groups.get(g)) at.put(id, g);
        return at;
    }

    private List<Finding> wishesBroken(List<List<String>> groups) {
        Map<String, Integer> at = at(groups);
        return wishes.stream()
                .filter(w -> isBroken(w, at))
                .map(w -> new Finding(
                        w.together() ? "keep-together" : "keep-apart",
                        w.one() + " and " + w.other(),
                        w.together()
                                ? "They should be together and are not: the groups of %d are too small, or other wishes are against it. Make larger groups or take a wish back."
                                        .formatted(groups.get(0).size())
                                : "They should be apart and are not: with %d groups there is no other way. Make more groups or take a wish back."
                                        .formatted(groups.size())))
                .toList();
    }

    private long cost(GroupWay way, List<List<String>> groups) {
        return switch (way) {
            case COUNT_OFF -> 0;
            case FRESH -> pairs(groups);
            case BALANCED -> {
                long mean = IntStream.range(0, groups.size())
                                .mapToLong(g -> mean(groups.get(g)))
                                .sum()
                        / groups.size();
                yield WAY
                        * groups.stream()
                                .mapToLong(g -> Math.abs(mean(g) - mean))
                                .sum();
            }
            case SHARED_NEED ->
                WAY * groups.stream().mapToLong(g -> needs(g) - 1).sum() + pairs(groups);
            case SAME_SIDE ->
                WAY
                                * groups.stream()
                                        .mapToLong(g -> Math.min(lefts(g), g.size() - lefts(g)))
                                        .sum()
                        + pairs(groups);
            case MIXED_SIDES -> {
                long most = groups.stream().mapToLong(this::lefts).max().orElse(0);
                long least = groups.stream().mapToLong(this::lefts).min().orElse(0);
                yield WAY * Math.max(0, most - least - 1) + pairs(groups);
            }
        };
    }

    private int mean(List<String> group) {
        return (int) Math.round(
                group.stream().mapToInt(id -> byId.get(id).percent()).average().orElse(0));
    }

    private long needs(List<String> group) {
        return group.stream().map(id -> byId.get(id).need()).distinct().count();
    }

    private long lefts(List<String> group) {
        return group.stream().filter(id -> byId.get(id).side() == Side.LEFT).count();
    }

    private long pairs(List<List<String>> groups) {
        long met = 0;
        for (List<String> g : groups)
            for (int i = 0; i < g.size(); i++)
                for (int j = i + 1; j < g.size(); j++) met += before.times(g.get(i), g.get(j));
        return met;
    }
}
