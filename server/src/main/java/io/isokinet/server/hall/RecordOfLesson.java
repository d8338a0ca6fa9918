package io.isokinet.server.hall;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.RealMinutes;
import io.isokinet.core.quantity.Words;
import io.isokinet.server.hall.HallController.HallRecord;
import io.isokinet.server.hall.HallController.StretchMinutes;
import io.isokinet.server.hall.HallController.Vote;
import io.isokinet.server.record.EventEntry.ClockEvent;
import io.isokinet.server.record.EventEntry.CountEvent;
import io.isokinet.server.record.EventEntry.Counts;
import io.isokinet.server.record.EventEntry.Does;
import io.isokinet.server.record.EventEntry.NoteEvent;
import io.isokinet.server.record.EventEntry.TalkBody;
import io.isokinet.server.record.EventEntry.TalkEvent;
import io.isokinet.server.record.EventEntry.TalkPart;
import io.isokinet.server.record.EventEntry.VoteEvent;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.record.LessonRecords.LessonEvent;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Reads the events of a lesson for the desk. */
final class RecordOfLesson {
    private static final Map<TalkPart, String> PARTS =
            Map.of(TalkPart.KNOW, "We know", TalkPart.WANT, "We want to find out", TalkPart.LEARNT, "We learnt");

    private RecordOfLesson() {}

    /** @param names of the children of the class, by id */
    static HallRecord of(
            LessonPlan plan, KnowHow known, List<LessonEvent> events, List<Hits> hits, Map<String, String> names) {
        List<String> notes = new ArrayList<>();
        List<String> said = new ArrayList<>();
        Map<String, String> asked = new LinkedHashMap<>();
        Map<String, int[]> votes = new LinkedHashMap<>();
        List<Counted> counted = new ArrayList<>();
        List<RealMinutes.Event> clock = new ArrayList<>();
        List<Instant> goes = new ArrayList<>();
        for (LessonEvent e : events) {
            if (e.voided()) continue;
            if (e.what() instanceof NoteEvent note) {
                String name = names.get(String.valueOf(note.body().child()));
                notes.add(
                        name == null
                                ? note.body().text()
                                : name + ": " + note.body().text());
            } else if (e.what() instanceof TalkEvent talk) {
                TalkBody body = talk.body();
                if (body.part() == TalkPart.QUESTION) asked.put(told(body.question()), told(body.how()));
                else said.add(PARTS.get(body.part()) + ": " + told(body.text()));
            } else if (e.what() instanceof VoteEvent vote)
                votes.computeIfAbsent(vote.body().activity(), a -> new int[2])[
                        vote.body().what().ordinal()]++;
            else if (e.what() instanceof ClockEvent at) {
                if (at.body().does() == Does.TURN) goes.add(at.at());
                RealMinutes.Does.named(at.body().does().name())
                        .ifPresent(d -> clock.add(new RealMinutes.Event(d, at.at())));
            } else if (e.what() instanceof CountEvent count)
                counted.add(new Counted(
                        count.body().what(),
                        count.children().stream()
                                .map(c -> names.getOrDefault(c.toString(), "somebody"))
                                .collect(Collectors.joining(" and ")),
                        count.body().count()));
            // The score desk shows the score, the class the sides and demonstrations.
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
    private record Counted(Counts what, String who, int count) {}

    /** What was counted, one sentence a kind: how often, the best, and by whom. */
    private static List<String> counts(List<Counted> all) {
        Map<Counts, List<Counted>> byKind =
                all.stream().collect(Collectors.groupingBy(Counted::what, TreeMap::new, Collectors.toList()));
        return byKind.entrySet().stream()
                .map(kind -> {
                    List<Counted> some = kind.getValue();
                    Counted best = some.stream()
                            .max(Comparator.comparingInt(Counted::count))
                            .orElseThrow();
                    int sum = some.stream().mapToInt(Counted::count).sum();
                    return switch (kind.getKey()) {
                        case THROW ->
                            Words.say(
                                    "%s measured: the longest past %.1f m, %s",
                                    many(some, "throw"), best.count() / 1000.0, best.who());
                        case STREAK ->
                            "%s: the longest %d in a row, %s".formatted(many(some, "streak"), best.count(), best.who());
                        case DOWN -> "%d knocked down in %s".formatted(sum, many(some, "throw"));
                        case TOGETHER ->
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

    private static String told(@Nullable String text) {
        return text == null ? "" : text;
    }
}
