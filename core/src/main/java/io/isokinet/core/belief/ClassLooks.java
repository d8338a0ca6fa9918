package io.isokinet.core.belief;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * All that is known of a class.
 *
 * @param children their keys; one that is named twice counts once
 * @param cues that it is about, taught or not
 * @param looks at them, in any order; those at other children and cues are left out
 * @param practised days on which the class worked on a cue, by cue, in order; none for a cue that was not taught
 * @param absent days on which a child was away, by child
 * @param today in the same days
 */
public record ClassLooks(
        List<String> children,
        List<Cue> cues,
        List<Look> looks,
        Map<String, List<Double>> practised,
        Map<String, Set<Double>> absent,
        double today) {
    public ClassLooks {
        children = children.stream().distinct().toList();
        cues = cues.stream().distinct().toList();
        looks = List.copyOf(looks);
    }

    /** @param skill that it belongs to */
    public record Cue(String key, String skill) {}

    /** Lessons in which a child worked on a cue before a day. */
    int lessons(String child, String cue, double day) {
        Set<Double> away = absent.getOrDefault(child, Set.of());
        int lessons = 0;
        for (double d : practised.getOrDefault(cue, List.of())) if (d < day && !away.contains(d)) lessons++;
        return lessons;
    }

    /** Weeks since a child last worked on a cue, seen from a day; 0 if it never did. */
    double idleWeeks(String child, String cue, double day) {
        Set<Double> away = absent.getOrDefault(child, Set.of());
        double last = Double.NaN;
        for (double d : practised.getOrDefault(cue, List.of())) if (d <= day && !away.contains(d)) last = d;
        return Double.isNaN(last) ? 0 : (day - last) / 7;
    }

    /** What was known on the evening before a day. */
    ClassLooks before(double day) {
        Map<String, List<Double>> days = new HashMap<>();
        practised.forEach(
                (cue, on) -> days.put(cue, on.stream().filter(d -> d < day).toList()));
        return new ClassLooks(
                children, cues, looks.stream().filter(l -> l.day() < day).toList(), days, absent, day - 1);
    }

    /** The same on the day of a lesson to come, in which the class works on some cues. */
    ClassLooks inLesson(double day, Set<String> cues) {
        Map<String, List<Double>> days = new HashMap<>(practised);
        for (String cue : cues)
            days.merge(
                    cue,
                    List.of(day),
                    (on, more) -> on.contains(day)
                            ? on
                            : Stream.concat(on.stream(), more.stream()).sorted().toList());
        return new ClassLooks(children, this.cues, looks, days, absent, day);
    }

    /** With the children of another class, in the same cues. */
    public ClassLooks with(ClassLooks other) {
        Map<String, List<Double>> days = new HashMap<>(practised);
        other.practised.forEach((cue, more) -> days.merge(cue, more, (a, b) -> Stream.concat(a.stream(), b.stream())
                .distinct()
                .sorted()
                .toList()));
        Map<String, Set<Double>> away = new HashMap<>(absent);
        away.putAll(other.absent);
        return new ClassLooks(
                Stream.concat(children.stream(), other.children.stream()).toList(),
                cues,
                Stream.concat(looks.stream(), other.looks.stream()).toList(),
                days,
                away,
                Math.max(today, other.today));
    }
}
