package io.isokinet.core.kit;

import io.isokinet.core.kit.KitLine.Effect;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.motion.Toppling.Verdict;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Role;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Finds kit for a segment's needs: what the task was made for as far as there is any, then whatever has the properties,
 * the closest in size and mass first. What is sent is chosen before what has to fall to it.
 */
public final class KitFinder {
    private final Cupboard cupboard;
    private final Map<String, Item> shipped;
    private final Age age;
    private final List<Item> owned;
    // Many tasks need the same: what does it is worked out once.
    private final Map<Need, List<Item>> ranks = new HashMap<>();
    private final Map<Asked, KitList> found = new HashMap<>();

    /** @param shipped every known item by key, so that a need can name what it was made for even if there is none */
    public KitFinder(Cupboard cupboard, Map<String, Item> shipped, Age age) {
        this.cupboard = cupboard;
        this.shipped = shipped;
        this.age = age;
        this.owned = cupboard.items();
    }

    private record Asked(List<Need> needs, int children, int groups) {}

    /** @param children in the segment @param groups of its formation */
    public KitList find(List<Need> needs, int children, int groups) {
        return found.computeIfAbsent(
                new Asked(needs, children, groups), asked -> assign(asked.needs, asked.children, asked.groups));
    }

    private KitList assign(List<Need> needs, int children, int groups) {
        List<KitLine> lines = new ArrayList<>();
        List<String> shortages = new ArrayList<>();
        Map<Item, Integer> left = new HashMap<>();
        List<Item> sent = new ArrayList<>();
        List<Need> order =
                needs.stream().sorted(Comparator.comparing(Need::role)).toList();
        for (Need need : order) {
            int wanted = need.wanted(children, groups);
            int missing = wanted;
            List<String> refused = new ArrayList<>();
            for (Item item : ranked(need)) {
                Toppling.@Nullable Answer fall = need.role() == Role.TOPPLED ? weakest(sent, item) : null;
                if (fall != null && fall.verdict() == Verdict.NO) {
                    refused.add(fall.reason());
                    continue;
                }
                int taken = Math.min(missing, left.computeIfAbsent(item, cupboard::count));
                if (taken == 0) continue;
                missing -= taken;
                left.merge(item, -taken, Integer::sum);
                lines.add(line(need, item, taken, wanted, fall));
                if (need.role() == Role.SENT) sent.add(item);
                if (missing == 0) break;
            }
            if (missing > 0) shortages.add(shortage(need, wanted, missing, refused));
        }
        return new KitList(lines, shortages);
    }

    private List<Item> ranked(Need need) {
        return ranks.computeIfAbsent(need, this::rank);
    }

    private List<Item> rank(Need need) {
        Item made = shipped.get(need.prefers());
        return owned.stream()
                .filter(item -> item.key().equals(need.prefers()) || need.isMetBy(item))
                .filter(item -> item.handling().ageFrom() <= age.years())
                .sorted(Comparator.comparingDouble((Item item) -> distance(made, item))
                        .thenComparing(Item::key))
                .toList();
    }

    /** How far an item is from what the task was made for, by ratio of size and mass; 0 for that itself. */
    private static double distance(@Nullable Item made, Item item) {
        if (made == null || made.key().equals(item.key())) return 0;
        return Math.abs(Math.log(item.width().metres() / made.width().metres()))
                + Math.abs(Math.log(item.mass().grams() / made.mass().grams())) / 2
                + (item.has(Trait.BOUNCES) == made.has(Trait.BOUNCES) ? 0 : 0.5);
    }

    private Toppling.@Nullable Answer weakest(List<Item> sent, Item target) {
        return sent.stream()
                .filter(ball -> target.has(Trait.STANDS))
                .map(ball -> Toppling.of(ball, target, age))
                .max(Comparator.comparing(Toppling.Answer::verdict))
                .orElse(null);
    }

    private KitLine line(Need need, Item item, int count, int wanted, Toppling.@Nullable Answer fall) {
        String words = item.pieces() == 1
                ? item.counted(count)
                : "%d %s (%d pieces)".formatted(count, count == 1 ? item.name() : item.many(), count * item.pieces());
        Item made = shipped.get(need.prefers());
        if (made == null || made.key().equals(item.key()))
            return new KitLine(need.what(), item.key(), count, words, null, null);
        int owned = cupboard.count(made);
        Effect effect = effect(need, made, item);
        String why = "%d %s wanted, %d owned; %s."
                .formatted(wanted, wanted == 1 ? made.name() : made.many(), owned, does(need, item));
        String warning = fall != null && fall.verdict() == Verdict.DOUBTFUL ? " " + fall.reason() : "";
        return new KitLine(
                need.what(), item.key(), count, words, effect, why + " " + comparison(effect, made, item) + warning);
    }

    private static String does(Need need, Item item) {
        String traits = need.traits().stream().sorted().map(Trait::label).collect(Collectors.joining(", "));
        return item.many() + (traits.isEmpty() ? " have the size" : " do it: " + traits);
    }

    private static Effect effect(Need need, Item made, Item item) {
        double size = item.width().metres() / made.width().metres();
        if (need.role() == Role.SENT && item.has(Trait.SOFT) && !made.has(Trait.SOFT)) return Effect.SAFER;
        if (size > 1.15) return Effect.EASIER;
        if (size < 0.87) return Effect.HARDER;
        return Effect.SAME;
    }

    private static String comparison(Effect effect, Item made, Item item) {
        return switch (effect) {
            case SAFER -> "Softer, so safer.";
            case EASIER ->
                "Wider (%.0f mm for %.0f), so easier."
                        .formatted(item.width().millimetres(), made.width().millimetres());
            case HARDER ->
                "Smaller (%.0f mm for %.0f), so harder."
                        .formatted(item.width().millimetres(), made.width().millimetres());
            case SAME -> "About the same task.";
        };
    }

    private String shortage(Need need, int wanted, int missing, List<String> refused) {
        Item made = shipped.get(need.prefers());
        String many = made == null ? need.what() : made.many();
        String text = "%d %s wanted (%d for %s), %d missing, and nothing else in the cupboard does it."
                .formatted(wanted, many, need.count(), need.per().label(), missing);
        return refused.isEmpty() ? text : text + " " + refused.get(0);
    }
}
