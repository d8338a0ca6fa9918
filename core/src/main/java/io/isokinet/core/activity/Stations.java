package io.isokinet.core.activity;

import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.skill.Rung;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Activities side by side, with groups that go round: an activity made of others, which stand in it as its stations. */
public final class Stations {
    /** More cannot be kept in sight, nor gone round in a lesson. Common practice. */
    public static final int MOST = 4;
    /** From one station to the next, in seconds. Common practice. */
    public static final int CHANGE = 20;
    /** Below this a station is left before it has begun. Common practice. */
    private static final int LEAST_MINUTES = 3;

    private Stations() {}

    /**
     * Two to {@value #MOST} activities as one: its rung is the highest of them, it hosts what each of them hosts, and its lever
     * moves all of theirs from their usual steps.
     *
     * @throws IllegalArgumentException if there are too few or too many, one twice, or they do not work on one skill
     */
    public static Activity of(List<Activity> parts) {
        if (parts.size() < 2 || parts.size() > MOST)
            throw new IllegalArgumentException(
                    "Stations are 2 to %d activities side by side, not %d.".formatted(MOST, parts.size()));
        Activity first = parts.get(0);
        for (Activity part : parts) {
            if (!part.worksOnSkill() || !String.valueOf(part.skill()).equals(first.skill()))
                throw new IllegalArgumentException(
                        "Stations side by side work on one skill; %s and %s do not. Choose drills or games of the same skill."
                                .formatted(first.name(), part.name()));
            if (parts.stream().filter(p -> p.key().equals(part.key())).count() > 1)
                throw new IllegalArgumentException(
                        "%s is at two stations; each is another activity.".formatted(part.name()));
        }
        // Rows that were set for stations keep their key.
        String key = parts.stream().map(Activity::key).collect(Collectors.joining("+"));
        return new Activity(
                key,
                "Stations: " + parts.stream().map(Activity::name).collect(Collectors.joining(" · ")),
                parts.stream().flatMap(p -> p.phases().stream()).collect(Collectors.toSet()),
                first.skill(),
                highest(parts),
                union(parts, Activity::hosts),
                union(parts, Activity::showsWell),
                largest(parts, Activity::ageFrom),
                parts.stream().mapToInt(Activity::ageTo).min().orElseThrow(),
                LEAST_MINUTES * parts.size(),
                parts.stream().mapToInt(Activity::minutesMost).sum(),
                new Grouping(Formation.STATIONS, 2, 8, 12),
                null,
                0,
                new SpaceNeed(
                        most(parts, p -> p.space().metresLong()),
                        most(parts, p -> p.space().metresPerGroup()),
                        null),
                union(parts, Activity::needs),
                largest(parts, Activity::setUpSeconds) + CHANGE * (parts.size() - 1),
                key,
                parts.stream().anyMatch(Activity::fast),
                IntStream.range(0, parts.size())
                        .mapToObj(i -> "Station %d, %s: %s"
                                .formatted(
                                        i + 1, parts.get(i).name(), parts.get(i).how()))
                        .collect(Collectors.joining("\n")),
                null,
                null,
                lever(parts).map(List::of).orElse(List.of()),
                union(parts, Activity::cautions),
                parts.stream()
                        .map(Activity::question)
                        .filter(q -> q != null)
                        .findFirst()
                        .orElse(null),
                parts.stream().mapToDouble(Activity::difficulty).average().orElseThrow(),
                Attempt.NONE,
                Conduct.USUAL,
                parts);
    }

    /** The step of a part's own lever at a step of the lever of all. */
    public static int step(Activity part, Activity stations, int step) {
        if (part.levers().isEmpty() || stations.levers().isEmpty()) return 0;
        return step(part.levers().get(0), step - stations.levers().get(0).usual());
    }

    /** @param away steps from the usual one; beyond the last means the last */
    private static int step(Lever own, int away) {
        return Math.max(0, Math.min(own.steps().size() - 1, own.usual() + away));
    }

    private static Optional<Lever> lever(List<Activity> parts) {
        List<Activity> with = parts.stream().filter(p -> !p.levers().isEmpty()).toList();
        if (with.isEmpty()) return Optional.empty();
        int below = largest(with, p -> p.levers().get(0).usual());
        int above = largest(
                with,
                p -> p.levers().get(0).steps().size() - 1 - p.levers().get(0).usual());
        List<String> steps = new ArrayList<>();
        for (int away = -below; away <= above; away++) {
            int at = away;
            steps.add(with.stream()
                    .map(p -> p.levers().get(0))
                    .map(own -> own.steps().get(step(own, at)))
                    .collect(Collectors.joining(" | ")));
        }
        return Optional.of(new Lever("each station", steps, below));
    }

    private static @Nullable Rung highest(List<Activity> parts) {
        return parts.stream()
                .map(Activity::rung)
                .filter(r -> r != null)
                .max(Comparator.comparingInt(Rung::level))
                .orElse(null);
    }

    private static <T> List<T> union(List<Activity> parts, Function<Activity, List<T>> of) {
        Set<T> all = new LinkedHashSet<>();
        parts.forEach(p -> all.addAll(of.apply(p)));
        return List.copyOf(all);
    }

    private static int largest(List<Activity> parts, ToIntFunction<Activity> of) {
        return parts.stream().mapToInt(of).max().orElseThrow();
    }

    private static double most(List<Activity> parts, ToDoubleFunction<Activity> of) {
        return parts.stream().mapToDouble(of).max().orElseThrow();
    }
}
