package io.isokinet.core.year;

import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A first proposal for the half terms that are empty. Classes of one age have the same skills in the same half term, so that one
 * lay-out serves them; each half term takes what brings most outcomes of the age a step nearer, then what was longest ago. A kind of
 * movement is not repeated beside itself where there is a choice. Common practice; no source.
 */
public final class YearProposal {
    /** A second skill wants so many lessons. */
    private static final int LESSONS_FOR_TWO = 5;

    private YearProposal() {}

    /**
     * A skill that may be proposed.
     *
     * @param kind of movement
     */
    public record Skill(String key, String name, String kind) {}

    /** @param skills any of which serves it */
    public record Outcome(String code, Set<String> skills) {}

    /**
     * A class and what it has.
     *
     * @param age in years
     * @param lessons in each half term
     * @param skills that it has in each half term already; empty where it has none
     * @param outcomes of its age
     */
    public record ClassYear(
            String key, int age, List<Integer> lessons, List<List<String>> skills, List<Outcome> outcomes) {}

    /**
     * What is proposed for a class in a half term.
     *
     * @param half index from 0
     * @param why in a sentence
     */
    public record Entry(String schoolClass, int half, List<String> skills, String why) {}

    /** What a class with these skills does not reach. */
    public static List<Outcome> lacks(List<Outcome> outcomes, Set<String> skills) {
        return outcomes.stream()
                .filter(o -> o.skills().stream().noneMatch(skills::contains))
                .toList();
    }

    /** @param known skills in the order in which they are usually learnt */
    public static List<Entry> of(List<ClassYear> classes, List<Skill> known) {
        List<Entry> entries = new ArrayList<>();
        new TreeMap<>(classes.stream().collect(Collectors.groupingBy(ClassYear::age)))
                .values()
                .forEach(year -> entries.addAll(new OfAge(year, known).entries()));
        return entries;
    }

    /** All classes of one age. */
    private static final class OfAge {
        private final List<ClassYear> classes;
        private final Map<String, Skill> known = new LinkedHashMap<>();
        private final int halves;
        /** By skill: the last half term that has it. */
        private final Map<String, Integer> last = new HashMap<>();

        private final Map<String, Integer> uses = new HashMap<>();

        OfAge(List<ClassYear> classes, List<Skill> known) {
            this.classes = classes;
            known.forEach(s -> this.known.put(s.key(), s));
            this.halves = classes.get(0).lessons().size();
        }

        List<Entry> entries() {
            List<Entry> entries = new ArrayList<>();
            List<Outcome> outcomes = classes.get(0).outcomes();
            Set<String> wanted = new LinkedHashSet<>(known.keySet());
            wanted.retainAll(outcomes.stream().flatMap(o -> o.skills().stream()).collect(Collectors.toSet()));
            for (ClassYear c : classes)
                for (int h = 0; h < halves; h++) for (String s : c.skills().get(h)) uses.merge(s, 1, Integer::sum);
            for (int half = 0; half < halves; half++) {
                int at = half;
                Set<String> there = classes.stream()
                        .flatMap(c -> c.skills().get(at).stream())
                        .collect(Collectors.toCollection(LinkedHashSet::new));
                List<ClassYear> open = classes.stream()
                        .filter(c -> c.skills().get(at).isEmpty() && c.lessons().get(at) > 0)
                        .toList();
                if (!open.isEmpty() && !wanted.isEmpty()) {
                    int lessons = open.stream()
                            .mapToInt(c -> c.lessons().get(at))
                            .min()
                            .orElse(0);
                    int many = Math.min(wanted.size(), lessons >= LESSONS_FOR_TWO ? 2 : 1);
                    List<String> chosen = new ArrayList<>();
                    // What a class of the age has in this half term already serves the others too.
                    there.stream().filter(wanted::contains).limit(many).forEach(chosen::add);
                    while (chosen.size() < many) chosen.add(next(wanted, chosen, outcomes, half));
                    String why = why(chosen, outcomes);
                    open.forEach(c -> entries.add(new Entry(c.key(), at, List.copyOf(chosen), why)));
                    chosen.forEach(s -> uses.merge(s, 1, Integer::sum));
                    there.addAll(chosen);
                }
                there.forEach(s -> last.put(s, at));
            }
            return entries;
        }

        private String next(Set<String> wanted, List<String> chosen, List<Outcome> outcomes, int half) {
            Set<String> had = new HashSet<>(uses.keySet());
            had.addAll(chosen);
            Set<String> kinds = chosen.stream().map(s -> known.get(s).kind()).collect(Collectors.toSet());
            Optional<String> best = wanted.stream()
                    .filter(s -> !chosen.contains(s))
                    .max(Comparator.comparingLong((String s) -> lacks(outcomes, had).stream()
                                    .filter(o -> o.skills().contains(s))
                                    .count())
                            .thenComparing(s -> !kinds.contains(known.get(s).kind()))
                            .thenComparing(s -> -uses.getOrDefault(s, 0))
                            .thenComparing(s -> half - last.getOrDefault(s, -halves))
                            // The first of those that are alike is the one that is usually learnt first.
                            .thenComparing(s -> -List.copyOf(wanted).indexOf(s)));
            return best.orElseThrow();
        }

        private String why(List<String> chosen, List<Outcome> outcomes) {
            Set<String> had = new HashSet<>(uses.keySet());
            List<String> closes = lacks(outcomes, had).stream()
                    .filter(o -> o.skills().stream().anyMatch(chosen::contains))
                    .map(Outcome::code)
                    .toList();
            if (!closes.isEmpty()) return "Brings in %s.".formatted(Words.list(closes));
            return "Comes back to %s."
                    .formatted(Words.list(chosen.stream()
                            .map(s -> known.get(s).name().toLowerCase(Words.LOCALE))
                            .toList()));
        }
    }
}
