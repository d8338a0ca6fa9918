package io.isokinet.core.kit;

import io.isokinet.core.kit.KitLine.Effect;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.motion.Toppling.Verdict;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Role;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Finds kit for a segment's needs: what the task was made for as far as there is any, then whatever has the properties,
 * the closest in size and mass first. Where needs compete for the same things, as much as possible is covered, at least cost.
 * What would not fall to what is sent is left out.
 */
public final class KitFinder {
    private static final int QUICK = 10;
    private static final int HELPERS = 4;

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
        List<Need> order =
                needs.stream().sorted(Comparator.comparing(Need::role)).toList();
        Map<Need, Set<Item>> refused = new HashMap<>();
        while (true) {
            List<Map<Item, Integer>> given = share(order, children, groups, refused);
            List<Item> sent = IntStream.range(0, order.size())
                    .filter(i -> order.get(i).role() == Role.SENT)
                    .boxed()
                    .flatMap(i -> given.get(i).keySet().stream())
                    .distinct()
                    .toList();
            boolean stands = true;
            for (int i = 0; i < order.size(); i++) {
                Need need = order.get(i);
                if (need.role() != Role.TOPPLED) continue;
                for (Item target : given.get(i).keySet()) {
                    Toppling.@Nullable Answer fall = weakest(sent, target);
                    if (fall != null && fall.verdict() == Verdict.NO)
                        stands &= !refused.computeIfAbsent(need, n -> new LinkedHashSet<>())
                                .add(target);
                }
            }
            // Each round refuses a target more, so it ends.
            if (stands) return list(order, children, groups, given, sent, refused);
        }
    }

    /** What each need gets: the first that does it, unless needs compete. */
    private List<Map<Item, Integer>> share(List<Need> needs, int children, int groups, Map<Need, Set<Item>> refused) {
        List<List<Item>> able = needs.stream()
                .map(n -> ranked(n).stream()
                        .filter(i -> !refused.getOrDefault(n, Set.of()).contains(i))
                        .toList())
                .toList();
        List<Item> things = able.stream().flatMap(List::stream).distinct().toList();
        boolean compete = things.size() < able.stream().mapToInt(List::size).sum();
        List<Map<Item, Integer>> given = new ArrayList<>();
        if (!compete) {
            for (int n = 0; n < needs.size(); n++) {
                int missing = needs.get(n).wanted(children, groups);
                Map<Item, Integer> own = new LinkedHashMap<>();
                for (Item item : able.get(n)) {
                    int taken = Math.min(missing, cupboard.count(item));
                    if (taken > 0) own.put(item, taken);
                    missing -= taken;
                }
                given.add(own);
            }
            return given;
        }
        double[][] cost = new double[needs.size()][things.size()];
        for (int n = 0; n < needs.size(); n++)
            for (int t = 0; t < things.size(); t++) {
                int rank = able.get(n).indexOf(things.get(t));
                // What the task was made for costs nothing; ranks break ties between equal distances.
                cost[n][t] = rank < 0
                        ? Double.POSITIVE_INFINITY
                        : distance(shipped.get(needs.get(n).prefers()), things.get(t)) + rank * 1e-3;
            }
        int[][] amounts = Matching.of(
                needs.stream().mapToInt(n -> n.wanted(children, groups)).toArray(),
                things.stream().mapToInt(cupboard::count).toArray(),
                cost);
        for (int n = 0; n < needs.size(); n++) {
            Map<Item, Integer> own = new LinkedHashMap<>();
            for (Item item : able.get(n)) {
                int amount = amounts[n][things.indexOf(item)];
                if (amount > 0) own.put(item, amount);
            }
            given.add(own);
        }
        return given;
    }

    private KitList list(
            List<Need> needs,
            int children,
            int groups,
            List<Map<Item, Integer>> given,
            List<Item> sent,
            Map<Need, Set<Item>> refused) {
        List<KitLine> lines = new ArrayList<>();
        List<String> shortages = new ArrayList<>();
        for (int n = 0; n < needs.size(); n++) {
            Need need = needs.get(n);
            int wanted = need.wanted(children, groups);
            int missing = wanted;
            for (Map.Entry<Item, Integer> e : given.get(n).entrySet()) {
                Item item = e.getKey();
                missing -= e.getValue();
                lines.add(line(
                        need, item, e.getValue(), wanted, need.role() == Role.TOPPLED ? weakest(sent, item) : null));
            }
            if (missing > 0)
                shortages.add(shortage(
                        need,
                        wanted,
                        missing,
                        refused.getOrDefault(need, Set.of()).stream()
                                .map(t -> weakest(sent, t))
                                .filter(Objects::nonNull)
                                .map(Toppling.Answer::reason)
                                .toList()));
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
                .map(ball -> cupboard.fell(ball, target).isPresent()
                        ? Toppling.tried(
                                ball, target, cupboard.fell(ball, target).getAsInt())
                        : Toppling.of(ball, target, age))
                .max(Comparator.comparing(Toppling.Answer::verdict))
                .orElse(null);
    }

    private KitLine line(Need need, Item item, int count, int wanted, Toppling.@Nullable Answer fall) {
        String words = KitLine.words(item, count);
        Item made = shipped.get(need.prefers());
        if (made == null || made.key().equals(item.key()))
            return new KitLine(need.what(), item.key(), count, words, null, seconds(item, count), null);
        int owned = cupboard.count(made);
        Effect effect = effect(need, made, item);
        String why = "%d %s wanted, %d owned; %s."
                .formatted(wanted, wanted == 1 ? made.name() : made.many(), owned, does(need, item));
        String warning = fall != null && fall.verdict() == Verdict.DOUBTFUL ? " " + fall.reason() : "";
        return new KitLine(
                need.what(),
                item.key(),
                count,
                words,
                effect,
                seconds(item, count),
                why + " " + comparison(effect, made, item) + time(made, item, count) + warning);
    }

    /** Worn things are put on by each child at once where that is quick, else by helpers, four at a time. Common practice. */
    private static int seconds(Item item, int count) {
        int each = item.handling().fitSeconds();
        return each <= QUICK ? each : each * ((count + HELPERS - 1) / HELPERS);
    }

    private static String time(Item made, Item item, int count) {
        int more = seconds(item, count) - seconds(made, count);
        if (more == 0) return "";
        return more > 0
                ? " Takes %d s longer to put on.".formatted(more)
                : " Saves %d s of putting on.".formatted(-more);
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
                Words.say(
                        "Wider (%.0f mm for %.0f), so easier.",
                        item.width().millimetres(), made.width().millimetres());
            case HARDER ->
                Words.say(
                        "Smaller (%.0f mm for %.0f), so harder.",
                        item.width().millimetres(), made.width().millimetres());
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
