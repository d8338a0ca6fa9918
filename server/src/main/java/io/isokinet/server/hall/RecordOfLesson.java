package io.isokinet.server.hall;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.server.hall.HallController.HallRecord;
import io.isokinet.server.hall.HallController.RealMinutes;
import io.isokinet.server.hall.HallController.Vote;
import io.isokinet.server.record.Records.Hits;
import io.isokinet.server.record.Records.LessonEvent;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the events of a lesson for the desk. */
final class RecordOfLesson {
    private static final Map<String, String> PARTS =
            Map.of("know", "We know", "want", "We want to find out", "learnt", "We learnt");
    private static final Set<String> STEPS = Set.of("next", "repeat");

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
        List<LessonEvent> clock = new ArrayList<>();
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
                case CLOCK -> clock.add(e);
                case SCORE -> {
                    // The score desk shows it.
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
                minutes(plan, clock, json),
                hits.stream().filter(h -> !h.voided()).mapToInt(Hits::hits).sum(),
                hits.stream()
                        .filter(h -> !h.voided())
                        .mapToInt(h -> h.hits()
                                + h.missed()
                                + h.missedLeft()
                                + h.missedRight()
                                + h.missedShort()
                                + h.missedLong())
                        .sum());
    }

    /** How long each stretch that was ended really had, pauses left out; repeats of one are added up. */
    private static List<RealMinutes> minutes(LessonPlan plan, List<LessonEvent> clock, JsonMapper json) {
        List<RealMinutes> minutes = new ArrayList<>();
        int at = -1;
        boolean runs = false;
        Instant last = Instant.MIN;
        Duration had = Duration.ZERO;
        for (LessonEvent e : clock) {
            String does = json.readTree(e.body()).path("does").asString("");
            if (runs) had = had.plus(Duration.between(last, e.at()));
            last = e.at();
            if (does.equals("begin") && at < 0) {
                at = 0;
                runs = true;
            } else if (does.equals("pause")) runs = false;
            else if (does.equals("resume")) runs = true;
            else if (STEPS.contains(does) && at >= 0 && at < plan.segments().size()) {
                runs = true;
                if (does.equals("repeat")) continue;
                var stretch = plan.segments().get(at++);
                minutes.add(
                        new RealMinutes(stretch.name(), stretch.minutes(), (int) Math.round(had.toSeconds() / 60.0)));
                had = Duration.ZERO;
            }
        }
        return minutes;
    }
}
