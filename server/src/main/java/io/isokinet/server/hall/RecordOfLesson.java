package io.isokinet.server.hall;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.RealMinutes;
import io.isokinet.core.quantity.Words;
import io.isokinet.server.hall.HallController.HallRecord;
import io.isokinet.server.hall.HallController.StretchMinutes;
import io.isokinet.server.hall.HallController.Vote;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.record.LessonRecords.LessonEvent;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the events of a lesson for the desk. */
final class RecordOfLesson {
    private static final Map<String, String> PARTS =
            Map.of("know", "We know", "want", "We want to find out", "learnt", "We learnt");

    private RecordOfLesson() {}

    /** @param names of the children of the class, by id */
    static HallRecord of(
            LessonPlan plan,
            KnowHow known,
            List<LessonEvent> events,
            List<Hits> hits,
            Map<String, String> names,
            JsonMapper json) {
        List<String> notes = new ArrayList<>();
        List<String> said = new ArrayList<>();
        Map<String, String> asked = new LinkedHashMap<>();
        Map<String, int[]> votes = new LinkedHashMap<>();
        List<Counted> counted = new ArrayList<>();
        List<RealMinutes.Event> clock = new ArrayList<>();
        List<Instant> goes = new ArrayList<>();
        for (LessonEvent e : events) {
            if (e.voided()) continue;
            JsonNode body = json.readTree(e.body());
            switch (e.kind()) {
                case NOTE -> {
                    String child = body.path("child").asString("");
                    String text = body.path("text").asString("");
                    notes.add(names.containsKey(child) ? names.get(child) + ": " + text : text);
                }
                case TALK -> {
                    String part = body.path("part").asString("");
                    if (part.equals("question"))
                        asked.put(
                                body.path("question").asString(""),
                                body.path("how").asString(""));
                    else
                        said.add(PARTS.getOrDefault(part, part) + ": "
                                + body.path("text").asString(""));
                }
                case VOTE ->
                    votes.computeIfAbsent(body.path("activity").asString(""), a -> new int[2])[
                            body.path("what").asString("").equals("hardest") ? 1 : 0]++;
                case CLOCK -> {
                    if (body.path("does").asString("").equals("turn")) goes.add(e.at());
                    does(body).forEach(d -> clock.add(new RealMinutes.Event(d, e.at())));
                }
                case COUNT ->
                    counted.add(new Counted(
                            body.path("what").asString(""),
                            body.path("children")
                                    .valueStream()
                                    .map(c -> names.getOrDefault(c.asString(""), "somebody"))
                                    .collect(Collectors.joining(" and ")),
                            body.path("count").asInt(0)));
                case SCORE, SIDE, SHOWED -> {
                    // The score desk shows the one, the class the other.
                }
            }
        }
        return new HallRecord(
                notes,
                said,
                asked.entrySet().stream()
                        .map(q -> q.getKey() + " " + q.getValue())
                        .toList(),
                votes.entrySet().stream()
                        .map(v -> new Vote(
                                v.getKey(),
                                known.hasActivity(v.getKey())
                                        ? known.activity(v.getKey()).name()
                                        : v.getKey(),
                                v.getValue()[0],
                                v.getValue()[1]))
                        .sorted((a, b) -> b.favourite() + b.hardest() - a.favourite() - a.hardest())
                        .toList(),
                counts(counted),
                minutes(plan, clock),
                hits.stream().filter(h -> !h.voided()).mapToInt(Hits::hits).sum(),
                hits.stream().filter(h -> !h.voided()).mapToInt(Hits::tries).sum(),
                RealMinutes.betweenGoes(goes).map(d -> (int) d.toSeconds()).orElse(null));
    }

    /**
     * Something counted by number.
     *
     * @param count millimetres for a throw
     */
    private record Counted(String what, String who, int count) {}

    /** What was counted, one sentence a kind: how often, the best, and by whom. */
    private static List<String> counts(List<Counted> all) {
        Map<String, List<Counted>> byKind =
                all.stream().collect(Collectors.groupingBy(Counted::what, TreeMap::new, Collectors.toList()));
        return byKind.entrySet().stream()
                .map(kind -> {
                    List<Counted> some = kind.getValue();
                    Counted best = some.stream()
                            .max(Comparator.comparingInt(Counted::count))
                            .orElseThrow();
                    int sum = some.stream().mapToInt(Counted::count).sum();
                    return switch (kind.getKey()) {
                        case "throw" ->
                            Words.say(
                                    "%s measured: the longest past %.1f m, %s",
                                    many(some, "throw"), best.count() / 1000.0, best.who());
                        case "streak" ->
                            "%s: the longest %d in a row, %s".formatted(many(some, "streak"), best.count(), best.who());
                        case "down" -> "%d knocked down in %s".formatted(sum, many(some, "throw"));
                        default ->
                            "%s by pairs, %d in all: the most %d, %s"
                                    .formatted(many(some, "count"), sum, best.count(), best.who());
                    };
                })
                .toList();
    }

    private static String many(List<Counted> some, String word) {
        return some.size() == 1 ? "1 " + word : "%d %ss".formatted(some.size(), word);
    }

    /** How long each stretch that was ended really had, beside what was planned. */
    private static List<StretchMinutes> minutes(LessonPlan plan, List<RealMinutes.Event> clock) {
        List<Duration> had = RealMinutes.of(clock);
        Map<Integer, Duration> changes = RealMinutes.changes(clock);
        return IntStream.range(0, Math.min(had.size(), plan.segments().size()))
                .mapToObj(i -> new StretchMinutes(
                        plan.segments().get(i).name(),
                        plan.segments().get(i).minutes(),
                        (int) Math.round(had.get(i).toSeconds() / 60.0),
                        changes.containsKey(i) ? (int) changes.get(i).toSeconds() : null))
                .toList();
    }

    /** Minutes more or less, and settings, say nothing of how long it was. */
    private static Stream<RealMinutes.Does> does(JsonNode body) {
        String told = body.path("does").asString("").toUpperCase(Locale.ROOT);
        return Arrays.stream(RealMinutes.Does.values()).filter(d -> d.name().equals(told));
    }
}
