package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.task.Asked;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is missing for planned lessons, and which purchase would change most. */
public final class Shopping {
    private Shopping() {}

    /**
     * A planned stretch.
     *
     * @param setting step of the main lever
     * @param groups of its formation
     */
    public record Use(Activity activity, int setting, int children, int groups) {}

    /**
     * One thing that there are too few of.
     *
     * @param wanted most at one time
     * @param owned usable now
     * @param uses names of the activities that want it
     */
    public record Missing(String item, String words, int wanted, int owned, List<String> uses) {
        public Missing {
            uses = List.copyOf(uses);
        }
    }

    /** What the planned lessons were made for and the cupboard does not have; substitutes may cover it. The most missing first. */
    public static List<Missing> list(List<Use> uses, Cupboard cupboard, KnowHow known) {
        Map<String, Integer> most = new LinkedHashMap<>();
        Map<String, Set<String>> names = new LinkedHashMap<>();
        for (Use use : uses) {
            Map<String, Integer> here = new LinkedHashMap<>();
            for (Need need : Asked.of(use.activity(), use.setting()).needs())
                here.merge(need.prefers(), need.wanted(use.children(), use.groups()), Integer::sum);
            here.forEach((item, count) -> {
                most.merge(item, count, Math::max);
                if (count > cupboard.count(known.item(item)))
                    names.computeIfAbsent(item, i -> new LinkedHashSet<>())
                            .add(use.activity().name());
            });
        }
        List<Missing> list = new ArrayList<>();
        most.forEach((key, wanted) -> {
            Item item = known.item(key);
            int owned = cupboard.count(item);
            if (wanted > owned)
                list.add(new Missing(key, item.counted(wanted - owned), wanted, owned, List.copyOf(names.get(key))));
        });
        list.sort(Comparator.comparingInt((Missing m) -> m.owned() - m.wanted()).thenComparing(Missing::item));
        return list;
    }

    /**
     * What a purchase would change.
     *
     * @param opens activities that could be done at all
     * @param eases activities that could be done with more groups, without waves or without a substitute
     */
    public record Purchase(String item, int count, String words, int opens, int eases, String reason) {}

    /**
     * Which purchase removes most strain, the best first.
     *
     * @param activities to be done by a class of this age and size in this place
     */
    public static List<Purchase> limits(
            List<Activity> activities,
            KnowHow known,
            Cupboard cupboard,
            Age age,
            int children,
            Place place,
            Policy policy,
            int most) {
        Fitter now = new Fitter(known, cupboard, age, children, policy);
        Map<String, Integer> missing = new LinkedHashMap<>();
        Map<String, List<Activity>> wanting = new LinkedHashMap<>();
        for (Activity activity : activities) {
            if (age.years() < activity.ageFrom() || age.years() > activity.ageTo()) continue;
            int groups = Math.max(1, children / activity.grouping().usual());
            for (Need need : activity.needs()) {
                int lacks = need.wanted(children, groups) - cupboard.count(known.item(need.prefers()));
                if (lacks <= 0) continue;
                missing.merge(need.prefers(), lacks, Math::max);
                wanting.computeIfAbsent(need.prefers(), k -> new ArrayList<>()).add(activity);
            }
        }
        List<Purchase> purchases = new ArrayList<>();
        missing.forEach((key, count) -> {
            Item item = known.item(key);
            int pack = Math.max(1, item.handling().packSize());
            int buy = (count * item.pieces() + pack - 1) / pack * pack;
            Fitter then = new Fitter(known, cupboard.with(item, buy), age, children, policy);
            int opens = 0;
            int eases = 0;
            for (Activity activity : wanting.get(key)) {
                Fit before = now.fit(activity, place);
                Fit after = then.fit(activity, place);
                if (before instanceof Fit.Fails && after instanceof Fit.Works) opens++;
                else if (before instanceof Fit.Works b && after instanceof Fit.Works a && easier(b, a)) eases++;
            }
            if (opens + eases > 0)
                purchases.add(new Purchase(
                        key,
                        buy,
                        item.counted(buy),
                        opens,
                        eases,
                        reason(item.counted(buy), opens, eases, children, place)));
        });
        return purchases.stream()
                .sorted(Comparator.comparingInt((Purchase p) -> -(3 * p.opens() + p.eases()))
                        .thenComparing(Purchase::item))
                .limit(most)
                .toList();
    }

    private static String reason(String what, int opens, int eases, int children, Place place) {
        String opened = opens == 1 ? "1 more activity can be done" : opens + " more activities can be done";
        String eased = eases == 1 ? "1 gets better" : eases + " get better";
        return "%s: with %d children in %s %s."
                .formatted(
                        what,
                        children,
                        place.name(),
                        opens == 0 ? eased : eases == 0 ? opened : opened + " and " + eased);
    }

    private static boolean easier(Fit.Works before, Fit.Works after) {
        return after.milliTriesPerMinute() > before.milliTriesPerMinute()
                || before.usesSubstitutes() && !after.usesSubstitutes();
    }
}
