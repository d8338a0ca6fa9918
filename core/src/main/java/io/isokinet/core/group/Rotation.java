package io.isokinet.core.group;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Who has which role in which turn of one group, so that each child has each role equally often.
 *
 * @param roles the parts that are played
 * @param children in the group
 * @param turns for each turn the child that has each role, by place in the group from 0; the others watch and count
 */
public record Rotation(List<String> roles, int children, List<List<Integer>> turns) {
    public Rotation {
        roles = List.copyOf(roles);
        turns = turns.stream().map(List::copyOf).toList();
    }

    /**
     * Everybody moves on one place each turn; after as many turns as there are children each had each role once.
     *
     * @param children as many as there are roles, or more
     */
    public static Rotation of(List<String> roles, int children) {
        enough(roles.size(), children);
        List<List<Integer>> turns = new ArrayList<>();
        for (int turn = 0; turn < children; turn++) {
            List<Integer> row = new ArrayList<>();
            for (int role = 0; role < roles.size(); role++) row.add((role + children - turn) % children);
            turns.add(row);
        }
        return new Rotation(roles, children, turns);
    }

    /**
     * The rotation of an activity's parts. A part in the plural ("fielders") is everybody who has none of the others, so it is
     * not among the roles.
     *
     * @return empty if every part is in the plural, or the group is smaller than the parts of one child
     */
    public static Optional<Rotation> ofParts(List<String> parts, int children) {
        List<String> single = parts.stream().filter(p -> !plural(p)).toList();
        return single.isEmpty() || single.size() > children ? Optional.empty() : Optional.of(of(single, children));
    }

    /** What those are who have no part of their own; empty if they watch and count. */
    public static Optional<String> others(List<String> parts) {
        return parts.stream().filter(Rotation::plural).findFirst();
    }

    private static boolean plural(String part) {
        return part.endsWith("s");
    }

    /**
     * The last role is a defender's, who stays for some turns while the others move on past them. Seen from the defender the
     * order is always the same, so in the end each child had each role equally often: {@code stays} times.
     *
     * @param stays turns of one defender, at least 1
     */
    public static Rotation withDefender(List<String> roles, int children, int stays) {
        enough(roles.size(), children);
        if (stays < 1)
            throw new IllegalArgumentException("A defender stays for at least one turn, not %d.".formatted(stays));
        List<List<Integer>> turns = new ArrayList<>();
        for (int defender = 0; defender < children; defender++)
            for (int turn = 0; turn < stays; turn++) {
                List<Integer> row = new ArrayList<>();
                for (int role = 0; role + 1 < roles.size(); role++)
                    row.add((defender + 1 + (role + turn) % (children - 1)) % children);
                row.add(defender);
                turns.add(row);
            }
        return new Rotation(roles, children, turns);
    }

    /**
     * How often a child has a role over all turns.
     *
     * @param role its index
     * @param child place in the group from 0
     */
    public int count(int role, int child) {
        return (int) turns.stream().filter(t -> t.get(role) == child).count();
    }

    /** Seconds until every turn was had, for a turn of so many seconds. */
    public int seconds(int turnSeconds) {
        return turns.size() * turnSeconds;
    }

    private static void enough(int roles, int children) {
        if (roles < 1 || children < roles)
            throw new IllegalArgumentException(
                    "%d children cannot fill %d roles; make the groups larger or leave a role out."
                            .formatted(children, roles));
    }
}
