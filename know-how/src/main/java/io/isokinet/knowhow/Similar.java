package io.isokinet.knowhow;

import io.isokinet.core.activity.Activity;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** How alike what happens in two activities is: the share of word triples they have in common (Jaccard). */
final class Similar {
    /** From here on two activities are the same one under two names. */
    static final double ALIKE = 0.5;

    private Similar() {}

    /** @param share 0 to 1 */
    record Pair(String one, String other, double share) {}

    /** The pairs that are too much alike. */
    static List<Pair> among(List<Activity> activities) {
        return closest(activities, ALIKE);
    }

    /** Every pair with at least this share in common; only those that share a triple are compared. */
    static List<Pair> closest(List<Activity> activities, double least) {
        List<Set<String>> triples =
                activities.stream().map(a -> triples(a.how())).toList();
        Map<String, List<Integer>> holders = new HashMap<>();
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < activities.size(); i++) {
            Map<Integer, Integer> common = new HashMap<>();
            for (String triple : triples.get(i)) {
                List<Integer> others = holders.computeIfAbsent(triple, t -> new ArrayList<>());
                others.forEach(o -> common.merge(o, 1, Integer::sum));
                others.add(i);
            }
            for (Map.Entry<Integer, Integer> e : common.entrySet()) {
                int all = triples.get(i).size() + triples.get(e.getKey()).size() - e.getValue();
                double share = (double) e.getValue() / all;
                if (share >= least)
                    pairs.add(new Pair(
                            activities.get(e.getKey()).key(), activities.get(i).key(), share));
            }
        }
        pairs.sort((a, b) -> Double.compare(b.share(), a.share()));
        return pairs;
    }

    private static Set<String> triples(String text) {
        String[] words =
                text.toLowerCase(Locale.ROOT).replaceAll("[^a-z ]", "").trim().split(" +");
        Set<String> triples = new HashSet<>();
        for (int i = 0; i + 2 < words.length; i++) triples.add(words[i] + " " + words[i + 1] + " " + words[i + 2]);
        return triples;
    }
}
