package io.isokinet.core.kit;

import io.isokinet.core.activity.Must;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.motion.Toppling.Verdict;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Handling.HeldBy;
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
import java.util.function.BiPredicate;
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
    /** More than any difference in size and mass. */
    private static final double LAST = 1000;

    private final Cupboard cupboard;
    private final Map<String, Item> shipped;
    private final Age age;
    private final BiPredicate<Item, Here> forbidden;
    private final List<Item> owned;
    // Many tasks need the same: what does it is worked out once.
    private final Map<Ranked, List<Item>> ranks = new HashMap<>();
    private final Map<Asked, KitList> found = new HashMap<>();

    /** @param shipped every known item by key, so that a need can name what it was made for even if there is none */
    public KitFinder(Cupboard cupboard, Map<String, Item> shipped, Age age) {
        this(cupboard, shipped, age, (item, here) -> false);
    }

    /** @param forbidden what is taken last of all, since a caution stands against it */
    public KitFinder(Cupboard cupboard, Map<String, Item> shipped, Age age, BiPredicate<Item, Here> forbidden) {
        this.forbidden = forbidden;
        this.cupboard = cupboard;
        this.shipped = shipped;
        this.age = age;
        this.owned = cupboard.items();
    }

    private record Asked(List<Need> needs, int children, int groups, Here here) {}

    private record Ranked(Need need, Here here) {}

    /** @param children in the segment @param groups of its formation */
    public KitList find(List<Need> needs, int children, int groups, Here here) {
        // How far it is matters to what must fall alone.
        boolean topples = needs.stream().anyMatch(n -> n.role() == Role.TOPPLED);
        Here there = topples || here.metres() == null ? here : here.anyDistance();
        return found.computeIfAbsent(
                new Asked(needs, children, groups, there),
                asked -> assign(asked.needs, asked.children, asked.groups, asked.here));
    }

    private KitList assign(List<Need> needs, int children, int groups, Here here) {
        List<Need> order =
                needs.stream().sorted(Comparator.comparing(Need::role)).toList();
        Map<Need, Set<Item>> refused = new HashMap<>();
        while (true) {
            List<Map<Item, Integer>> given = share(order, children, groups, refused, here);
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
                    Toppling.@Nullable Answer fall = weakest(sent, target, here);
                    if (fall != null && fall.verdict() == Verdict.NO)
                        stands &= !refused.computeIfAbsent(need, n -> new LinkedHashSet<>())
                                .add(target);
                }
            }
            // Each round refuses a target more, so it ends.
            if (stands) return list(order, children, groups, given, sent, refused, here);
        }
    }

    /** What each need gets: the first that does it, unless needs compete. What belongs together is of one kind. */
    private List<Map<Item, Integer>> share(
            List<Need> needs, int children, int groups, Map<Need, Set<Item>> refused, Here here) {
        List<List<Item>> able = needs.stream()
                .map(n -> ranked(n, here).stream()
                        .filter(i -> !refused.getOrDefault(n, Set.of()).contains(i))
                        .toList())
                .toList();
        List<Item> things = able.stream().flatMap(List::stream).distinct().toList();
        boolean compete = things.size() < able.stream().mapToInt(List::size).sum();
        int[] wanted = needs.stream().mapToInt(n -> n.wanted(children, groups)).toArray();
        // What hangs takes its posts as well, which a sharing out of single things does not see.
        boolean held = IntStream.range(0, needs.size())
                .anyMatch(n -> able.get(n).stream().anyMatch(item -> holder(needs.get(n), item) != null));
        if (!compete || held) return inTurn(needs, able, wanted);
        List<Map<Item, Integer>> given = matched(needs, able, things, wanted, here);
        boolean whole = true;
        for (int n = 0; n < needs.size(); n++)
            for (int amount : given.get(n).values()) whole &= amount % set(needs.get(n)) == 0;
        return whole ? given : inTurn(needs, able, wanted);
    }

    /** How many of a need are of one kind: all of one child's or of one group's. */
    private static int set(Need need) {
        return need.asks().alike() && need.per() != Need.Per.CLASS ? need.count() : 1;
    }

    /** Need by need, the first that does it, in whole sets. */
    private List<Map<Item, Integer>> inTurn(List<Need> needs, List<List<Item>> able, int[] wanted) {
        Map<Item, Integer> used = new HashMap<>();
        List<Map<Item, Integer>> given = new ArrayList<>();
        for (int n = 0; n < needs.size(); n++) {
            int set = set(needs.get(n));
            int missing = wanted[n];
            Map<Item, Integer> own = new LinkedHashMap<>();
            for (Item item : able.get(n)) {
                int left = left(needs.get(n), item, used);
                int taken = Math.min(missing, left / set * set);
                if (taken <= 0) continue;
                own.put(item, taken);
                used.merge(item, taken, Integer::sum);
                HeldBy held = holder(needs.get(n), item);
                if (held != null) used.merge(holding(held), taken * held.count(), Integer::sum);
                missing -= taken;
            }
            given.add(own);
        }
        return given;
    }

    /** As much as possible is covered, at least cost. */
    private List<Map<Item, Integer>> matched(
            List<Need> needs, List<List<Item>> able, List<Item> things, int[] wanted, Here here) {
        double[][] cost = new double[needs.size()][things.size()];
        for (int n = 0; n < needs.size(); n++)
            for (int t = 0; t < things.size(); t++) {
                int rank = able.get(n).indexOf(things.get(t));
                // What the task was made for costs nothing; ranks break ties between equal distances.
                cost[n][t] = rank < 0
                        ? Double.POSITIVE_INFINITY
                        : distance(shipped.get(needs.get(n).prefers()), things.get(t))
                                + rank * 1e-3
                                + (forbidden.test(things.get(t), here) ? LAST : 0);
            }
        int[][] amounts =
                Matching.of(wanted, things.stream().mapToInt(cupboard::count).toArray(), cost);
        List<Map<Item, Integer>> given = new ArrayList<>();
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

    /** How many can be used beside what is in use: of what hangs, as many as there is something to hold up. */
    private int left(Need need, Item item, Map<Item, Integer> used) {
        int count = cupboard.count(item) - used.getOrDefault(item, 0);
        HeldBy held = holder(need, item);
        if (held == null) return count;
        int holders = cupboard.count(holding(held)) - used.getOrDefault(holding(held), 0);
        return Math.min(count, holders / held.count());
    }

    private Item holding(HeldBy held) {
        return Objects.requireNonNull(shipped.get(held.item()), held.item());
    }

    private static @Nullable HeldBy holder(Need need, Item item) {
        return need.traits().contains(Trait.HANGS) ? item.handling().heldBy() : null;
    }

    private KitList list(
            List<Need> needs,
            int children,
            int groups,
            List<Map<Item, Integer>> given,
            List<Item> sent,
            Map<Need, Set<Item>> refused,
            Here here) {
        List<KitLine> lines = new ArrayList<>();
        List<String> shortages = new ArrayList<>();
        List<String> remedies = new ArrayList<>();
        for (int n = 0; n < needs.size(); n++) {
            Need need = needs.get(n);
            int wanted = need.wanted(children, groups);
            int missing = wanted;
            int from = 1;
            List<Map.Entry<Item, Integer>> parts = easiestFirst(need, given.get(n), sent, here);
            for (Map.Entry<Item, Integer> e : parts) {
                Item item = e.getKey();
                missing -= e.getValue();
                KitLine line = line(
                        need,
                        item,
                        e.getValue(),
                        wanted,
                        need.role() == Role.TOPPLED ? weakest(sent, item, here) : null,
                        here.must());
                int sets = e.getValue() / need.count();
                boolean unlike = need.per() == Need.Per.GROUP
                        && parts.size() > 1
                        && groups < children
                        && need.asks().alike();
                lines.add(unlike ? line.forGroups(from, from + sets - 1) : line);
                from += sets;
                HeldBy held = holder(need, item);
                if (held != null) lines.add(holders(need, held, e.getValue()));
            }
            if (missing > 0) {
                remedies.add(remedies(need, missing, here));
                shortages.add(shortage(
                        need,
                        wanted,
                        missing,
                        refused.getOrDefault(need, Set.of()).stream()
                                .map(t -> weakest(sent, t, here))
                                .filter(Objects::nonNull)
                                .map(Toppling.Answer::reason)
                                .toList()));
            }
        }
        return new KitList(lines, shortages, remedies);
    }

    /** Of what has to fall, what falls most easily first; else as it was found. */
    private List<Map.Entry<Item, Integer>> easiestFirst(
            Need need, Map<Item, Integer> given, List<Item> sent, Here here) {
        List<Map.Entry<Item, Integer>> parts = new ArrayList<>(given.entrySet());
        if (need.role() == Role.TOPPLED && parts.size() > 1)
            parts.sort(Comparator.comparingDouble(e -> {
                Toppling.Answer fall = weakest(sent, e.getKey(), here);
                return fall == null || fall.needed() == 0 ? 0 : -fall.delivered() / fall.needed();
            }));
        return parts;
    }

    private KitLine holders(Need need, HeldBy held, int count) {
        Item item = holding(held);
        int many = held.count() * count;
        return new KitLine(need.what() + " held up", item.key(), many, KitLine.words(item, many), null, 0, null);
    }

    private List<Item> ranked(Need need, Here here) {
        return ranks.computeIfAbsent(new Ranked(need, here.anyDistance()), this::rank);
    }

    private List<Item> rank(Ranked r) {
        Need need = r.need();
        Item made = shipped.get(need.prefers());
        return owned.stream()
                .filter(item -> item.key().equals(need.prefers()) || need.isMetBy(item))
                .filter(item -> item.handling().ageFrom() <= age.years())
                .filter(item -> need.role() != Role.SENT || travels(need, item, r.here()))
                .filter(item -> left(need, item, Map.of()) > 0)
                .sorted(Comparator.comparing((Item item) -> forbidden.test(item, r.here()))
                        .thenComparingDouble(item -> distance(made, item))
                        .thenComparing(Item::key))
                .toList();
    }

    /** True if it rolls or comes back up on this floor, where it has to. */
    private static boolean travels(Need need, Item item, Here here) {
        return switch (here.travel()) {
            case ROLLS -> here.ground().rolls(item);
            case BOUNCES ->
                need.asks().rebound() == 0
                        || here.ground().rebound(item) >= need.asks().rebound();
            case NONE, FLIES, KEPT -> true;
        };
    }

    /** How far an item is from what the task was made for, by ratio of size and mass; 0 for that itself. */
    private static double distance(@Nullable Item made, Item item) {
        if (made == null || made.key().equals(item.key())) return 0;
        return Math.abs(Math.log(item.width().metres() / made.width().metres()))
                + Math.abs(Math.log(item.mass().grams() / made.mass().grams())) / 2
                + (item.has(Trait.BOUNCES) == made.has(Trait.BOUNCES) ? 0 : 0.5);
    }

    private Toppling.@Nullable Answer weakest(List<Item> sent, Item target, Here here) {
        return sent.stream()
                .filter(ball -> target.has(Trait.STANDS))
                .map(ball -> Falls.answer(ball, target, here, age, cupboard))
                .max(Comparator.comparing(Toppling.Answer::verdict))
                .orElse(null);
    }

    private KitLine line(Need need, Item item, int count, int wanted, Toppling.@Nullable Answer fall, Must must) {
        String words = KitLine.words(item, count);
        Item made = shipped.get(need.prefers());
        if (made == null || made.key().equals(item.key()))
            return new KitLine(need.what(), item.key(), count, words, null, seconds(item, count), null);
        int owned = cupboard.count(made);
        Effects.Told told = Effects.of(need, made, item, must);
        String why = "%d %s wanted, %d owned; %s."
                .formatted(wanted, wanted == 1 ? made.name() : made.many(), owned, does(need, item));
        String warning = fall != null && fall.verdict() == Verdict.DOUBTFUL ? " " + fall.reason() : "";
        return new KitLine(
                need.what(),
                item.key(),
                count,
                words,
                told.effect(),
                seconds(item, count),
                why + " " + told.sentence() + time(made, item, count) + warning);
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

    private String shortage(Need need, int wanted, int missing, List<String> refused) {
        Item made = shipped.get(need.prefers());
        String many = made == null ? need.what() : made.many();
        String text = "%d %s wanted (%d for %s), %d missing, and nothing else in the cupboard does it."
                .formatted(wanted, many, need.count(), need.per().label(), missing);
        return refused.isEmpty() ? text : text + " " + refused.get(0);
    }

    /** What can be made by then, and what would be the fewest packs to buy. */
    private String remedies(Need need, int missing, Here here) {
        List<Item> able = shipped.values().stream()
                .filter(item -> item.key().equals(need.prefers()) || need.isMetBy(item))
                .filter(item -> item.handling().ageFrom() <= age.years())
                .filter(item -> need.role() != Role.SENT || travels(need, item, here))
                .filter(item -> !forbidden.test(item, here))
                .toList();
        String make = able.stream()
                .filter(item -> item.recipe() != null)
                .min(Comparator.comparingInt((Item item) -> item.recipe().minutes())
                        .thenComparing(Item::key))
                .map(item -> " To make: %s, %d minutes; for one: %s."
                        .formatted(
                                item.counted(missing),
                                item.recipe().minutes() * missing,
                                item.recipe().materials().stream()
                                        .map(m -> m.words(1))
                                        .collect(Collectors.joining(", "))))
                .orElse("");
        String buy = able.stream()
                .filter(item -> item.recipe() == null)
                .min(Comparator.comparingInt((Item item) -> packs(item, missing))
                        .thenComparingDouble(item -> distance(shipped.get(need.prefers()), item))
                        .thenComparing(Item::key))
                .map(item -> " To buy: %d %s of %s."
                        .formatted(
                                packs(item, missing),
                                packs(item, missing) == 1 ? "pack" : "packs",
                                item.counted(item.handling().packSize())))
                .orElse("");
        return make + buy;
    }

    private static int packs(Item item, int missing) {
        int pack = Math.max(1, item.handling().packSize());
        return (missing * item.pieces() + pack - 1) / pack;
    }
}
