package io.isokinet.core.eye;

import io.isokinet.core.mastery.Agreement;
import io.isokinet.core.quantity.Words;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * How one observer's eye does, over all rounds.
 *
 * @param rounds oldest first
 */
public record OwnEye(List<Judged> rounds) {
    /** Of a cue that is seen so often at least, whatever luck there was, an observer may be sure. Common practice, no source. */
    private static final double SURE = 0.7;

    public OwnEye {
        rounds = rounds.stream().sorted(Comparator.comparing(Judged::at)).toList();
    }

    /** A day on which rounds were judged. */
    public record Day(LocalDate on, Verdict verdict) {}

    /**
     * A cue that is worth a round.
     *
     * @param right over all rounds; of none where there was no round
     */
    public record Weak(String cue, Verdict.Share right, String sentence) {}

    public Verdict all() {
        return sum(j -> true);
    }

    /** By the key of the cue, in the order of their first rounds. */
    public Map<String, Verdict> byCue() {
        return by(Judged::cue, new LinkedHashMap<>());
    }

    public Map<Stand, Verdict> byStand() {
        return by(Judged::stand, new TreeMap<>());
    }

    public Map<Level, Verdict> byLevel() {
        return by(Judged::level, new TreeMap<>());
    }

    /** By days where the observer is, oldest first. */
    public List<Day> overTime(ZoneId zone) {
        return by(j -> j.at().atZone(zone).toLocalDate(), new TreeMap<LocalDate, Verdict>()).entrySet().stream()
                .map(e -> new Day(e.getKey(), e.getValue()))
                .toList();
    }

    private <K> Map<K, Verdict> by(Function<Judged, K> what, Map<K, Verdict> sums) {
        for (Judged j : rounds) sums.merge(what.apply(j), j.verdict(), Verdict::and);
        return sums;
    }

    private Verdict sum(Predicate<Judged> which) {
        return rounds.stream().filter(which).map(Judged::verdict).reduce(Verdict.NONE, Verdict::and);
    }

    /** What counts in a hall: all rounds that were as there. */
    public Verdict asInTheHall() {
        return sum(Judged::isAsInTheHall);
    }

    /** The same of one cue. */
    public Verdict asInTheHall(String cue) {
        return sum(j -> j.isAsInTheHall() && j.cue().equals(cue));
    }

    /** With all colleagues who judged the same children; empty where none did. */
    public Optional<Agreement> withColleagues() {
        return rounds.stream().flatMap(j -> j.withColleague().stream()).reduce(Agreement::and);
    }

    /** Half of the looks that were as in a hall took no longer, in seconds; empty without any. */
    public OptionalDouble secondsALook() {
        double[] seconds = rounds.stream()
                .filter(Judged::isAsInTheHall)
                .flatMap(j -> j.answers().stream())
                .mapToDouble(Judged.Answer::seconds)
                .sorted()
                .toArray();
        int n = seconds.length;
        return n == 0 ? OptionalDouble.empty() : OptionalDouble.of((seconds[(n - 1) / 2] + seconds[n / 2]) / 2);
    }

    /**
     * Which of some cues are worth a round, the weakest first: those of which it cannot be said yet that they are seen seven times in ten.
     *
     * @param cues that will be looked for, in their order
     */
    public List<Weak> practise(List<String> cues) {
        Map<String, Verdict> known = byCue();
        List<Weak> weak = new ArrayList<>();
        for (String cue : cues) {
            Verdict.Share right = known.getOrDefault(cue, Verdict.NONE).right();
            if (right.low() >= SURE) continue;
            weak.add(new Weak(
                    cue,
                    right,
                    right.all() == 0
                            ? "No round yet."
                            : Words.say(
                                    "%d of %d right: between %d and %d in a hundred.",
                                    right.of(),
                                    right.all(),
                                    Math.round(100 * right.low()),
                                    Math.round(100 * right.high()))));
        }
        // What went badly comes before what was never tried, and that before what went well and is not sure yet.
        weak.sort(Comparator.comparingDouble(w -> w.right().all() == 0
                ? SURE
                : (double) w.right().of() / w.right().all()));
        return weak;
    }
}
