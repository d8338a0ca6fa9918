package io.isokinet.server.nextstep;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.Term;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Trend;
import io.isokinet.core.nextstep.Attention;
import io.isokinet.core.nextstep.Course;
import io.isokinet.core.nextstep.Demonstrators;
import io.isokinet.core.nextstep.Dose;
import io.isokinet.core.nextstep.Wants;
import io.isokinet.core.quantity.Side;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.nextstep.OverTime.AttentionLine;
import io.isokinet.server.nextstep.OverTime.DoseLine;
import io.isokinet.server.nextstep.OverTime.OpenQuestion;
import io.isokinet.server.nextstep.OverTime.Opinion;
import io.isokinet.server.nextstep.OverTime.ShowLine;
import io.isokinet.server.nextstep.OverTime.TrendLine;
import io.isokinet.server.record.EventEntry.TalkBody;
import io.isokinet.server.record.EventEntry.TalkEvent;
import io.isokinet.server.record.EventEntry.TalkPart;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.Demonstration;
import io.isokinet.server.record.LessonRecords.LessonEvent;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.LookCount;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.LessonPlan;
import io.isokinet.server.unit.Lessons.PlannedSegment;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the records of a class over weeks. */
@Service
class Overview {
    private static final int WEEKS_OF_ATTENTION = 4;
    private static final int WEEKS_OF_TREND = 6;

    private final Marks marks;
    private final LessonRecords lessonRecords;
    private final Records records;
    private final Lessons lessons;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Calendars calendars;
    private final Classes classes;

    Overview(
            Marks marks,
            LessonRecords lessonRecords,
            Records records,
            Lessons lessons,
            KnowHows knowHows,
            Schools schools,
            Calendars calendars,
            Classes classes) {
        this.classes = classes;
        this.marks = marks;
        this.lessonRecords = lessonRecords;
        this.records = records;
        this.lessons = lessons;
        this.knowHows = knowHows;
        this.schools = schools;
        this.calendars = calendars;
    }

    /** @param sets cue-set keys, one a skill */
    @Transactional(readOnly = true)
    OverTime of(UUID classId, List<String> sets) {
        LocalDate today = schools.today();
        ZoneId zone = schools.zone();
        Grid grid = marks.grid(classId, sets, today);
        List<UUID> children = grid.rows().stream().map(r -> r.child().id()).toList();
        List<CueView> cues =
                grid.skills().stream().flatMap(s -> s.cues().stream()).toList();
        Instant now = today.plusDays(1).atStartOfDay(zone).toInstant();
        Instant since = today.minusWeeks(WEEKS_OF_ATTENTION).atStartOfDay(zone).toInstant();
        Map<UUID, Map<String, Boolean>> said = new HashMap<>();
        records.trials(children, keys(cues), now).stream()
                .filter(s -> s.kind() == Kind.SAID && !s.voided())
                .forEach(s ->
                        said.computeIfAbsent(s.child(), c -> new HashMap<>()).put(s.cue(), s.shown()));
        List<Demonstration> showed = lessonRecords.showed(children);
        Days year = year(today);
        List<LessonPlan> taught = lessons.taught(classId, year.first(), year.last());
        List<LessonPlan> coming = lessons.coming(classId, today, year.last());
        List<AttentionLine> attention = attention(
                grid,
                records.looked(children, since),
                notes(children, since),
                showed.stream().filter(s -> !s.at().isBefore(since)).toList());
        Attention fair = Attention.of(attention.stream()
                .map(a -> new Attention.LookCount(a.child().toString(), a.looks(), a.corrections(), a.shown()))
                .toList());
        return new OverTime(
                trends(classId, sets, grid, cues),
                opinions(grid, cues, said),
                doses(grid, taught, coming, year.last()),
                fair.middle(),
                attention,
                fair.overlooked().stream().map(UUID::fromString).toList(),
                demonstrators(grid, coming, showed, zone),
                unanswered(taught));
    }

    /** "Harbour Roll, lesson 3" by id of the stretch, over the year's lessons. */
    @Transactional(readOnly = true)
    Map<UUID, String> stretches(UUID classId) {
        classes.view(classId);
        LocalDate today = schools.today();
        Map<UUID, String> names = new HashMap<>();
        Stream.concat(
                        lessons.taught(classId, year(today).first(), year(today).last()).stream(),
                        lessons.coming(classId, today, today).stream())
                .forEach(l ->
                        l.segments().forEach(s -> names.put(s.id(), "%s, lesson %d".formatted(s.name(), l.number()))));
        return names;
    }

    private static Set<String> keys(List<CueView> cues) {
        return cues.stream().map(CueView::key).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private List<TrendLine> trends(UUID classId, List<String> sets, Grid grid, List<CueView> cues) {
        Watching now = new Watching(grid);
        Watching then = new Watching(marks.grid(classId, sets, grid.on().minusWeeks(WEEKS_OF_TREND)));
        Set<UUID> before = then.children();
        Map<Trend, List<TrendLine>> lines = new EnumMap<>(Trend.class);
        for (CueView cue : cues) {
            Map<Trend, List<String>> going = new EnumMap<>(Trend.class);
            for (Grid.Row row : grid.rows()) {
                UUID child = row.child().id();
                if (!row.cells().get(cue.key()).standing().isCounted() || !before.contains(child)) continue;
                Course course = Course.of(then.of(child, cue.key()), now.of(child, cue.key()));
                if (course.trend() != Trend.STEADY)
                    going.computeIfAbsent(course.trend(), t -> new ArrayList<>())
                            .add("%s (%s)".formatted(row.child().name(), course.fact()));
            }
            going.forEach((trend, children) -> lines.computeIfAbsent(trend, t -> new ArrayList<>())
                    .add(new TrendLine(trend, cue.key(), cue.call().notSettled(), children)));
        }
        return Stream.of(Trend.STALLED, Trend.FADING, Trend.RISING)
                .flatMap(t -> lines.getOrDefault(t, List.of()).stream())
                .toList();
    }

    /** What a teacher called against the count, and what a child can tell but does not do, or does but cannot tell. */
    private static List<Opinion> opinions(Grid grid, List<CueView> cues, Map<UUID, Map<String, Boolean>> said) {
        List<Opinion> opinions = new ArrayList<>();
        for (Grid.Row row : grid.rows())
            for (CueView cue : cues) {
                Grid.Cell cell = row.cells().get(cue.key());
                String call = cue.call().notSettled();
                if (cell.calledAgainst()) opinions.add(new Opinion(row.child().name(), call, cell.reason()));
                Boolean tells = said.getOrDefault(row.child().id(), Map.of()).get(cue.key());
                if (tells == null || !cell.standing().isCounted() || cell.standing() == Standing.NOT_SEEN) continue;
                if (tells && cell.standing() != Standing.OWNED)
                    opinions.add(new Opinion(row.child().name(), call, "Can tell it, but does not show it yet."));
                if (!tells && cell.standing() == Standing.OWNED)
                    opinions.add(new Opinion(row.child().name(), call, "Shows it, but could not tell it."));
            }
        return opinions;
    }

    /** Of the school year, and not before today, so that what is to come is always in it. */
    private Days year(LocalDate today) {
        Days whole = calendars.year().whole(today);
        return whole.last().isBefore(today) ? new Days(whole.first(), today) : whole;
    }

    private List<DoseLine> doses(Grid grid, List<LessonPlan> taught, List<LessonPlan> coming, LocalDate end) {
        List<DoseLine> lines = new ArrayList<>();
        for (Grid.SkillColumns skill : grid.skills()) {
            Function<LessonPlan, Integer> minutes = l -> l.segments().stream()
                    .filter(s -> skill.skill().equals(s.skill()))
                    .mapToInt(PlannedSegment::minutes)
                    .sum();
            List<LocalDate> days = Stream.concat(taught.stream(), coming.stream())
                    .filter(l -> minutes.apply(l) > 0)
                    .map(LessonPlan::onDate)
                    .sorted()
                    .toList();
            if (days.isEmpty()) continue;
            LocalDate last = days.get(days.size() - 1);
            Dose dose = Dose.of(
                    taught.stream().mapToInt(minutes::apply).sum(),
                    coming.stream().mapToInt(minutes::apply).sum(),
                    (int) ChronoUnit.WEEKS.between(days.get(0), last) + 1,
                    weeksOfTerm(last, end));
            lines.add(new DoseLine(
                    skill.skill(), skill.name(), dose.soFar(), dose.planned(), dose.atThisPace(), dose.sentence()));
        }
        return lines;
    }

    /** Weeks with a school day, after one day until another. */
    private int weeksOfTerm(LocalDate after, LocalDate until) {
        List<Term> terms = calendars.year().terms();
        return (int) Stream.iterate(after.plusWeeks(1), d -> !d.isAfter(until), d -> d.plusWeeks(1))
                .filter(d ->
                        terms.isEmpty() || terms.stream().anyMatch(t -> t.days().contains(d)))
                .count();
    }

    private Map<UUID, Long> notes(List<UUID> children, Instant since) {
        Map<UUID, Long> notes = new HashMap<>();
        for (UUID child : lessonRecords.notedSince(children, since)) notes.merge(child, 1L, Long::sum);
        return notes;
    }

    private static List<AttentionLine> attention(
            Grid grid, Map<UUID, LookCount> looked, Map<UUID, Long> notes, List<Demonstration> showed) {
        return grid.rows().stream()
                .map(r -> {
                    UUID id = r.child().id();
                    LookCount looks = looked.getOrDefault(id, new LookCount(0, 0));
                    return new AttentionLine(
                            id,
                            r.child().name(),
                            looks.looks(),
                            looks.faults() + notes.getOrDefault(id, 0L).intValue(),
                            (int) showed.stream()
                                    .filter(s -> s.child().equals(id))
                                    .count());
                })
                .sorted(Comparator.comparingInt(AttentionLine::looks).thenComparing(AttentionLine::name))
                .toList();
    }

    /** For the cues of the next lesson that somebody owns. */
    private static List<ShowLine> demonstrators(
            Grid grid, List<LessonPlan> coming, List<Demonstration> showed, ZoneId zone) {
        if (coming.isEmpty()) return List.of();
        Set<String> next = coming.get(0).segments().stream()
                .flatMap(s -> s.focus().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        List<ShowLine> lines = new ArrayList<>();
        for (Grid.SkillColumns skill : grid.skills())
            for (CueView cue : skill.cues()) {
                if (!next.contains(cue.key())) continue;
                Map<UUID, ChildView> byId = new LinkedHashMap<>();
                List<Demonstrators.Candidate> owners = new ArrayList<>();
                for (Grid.Row row : grid.rows()) {
                    if (row.cells().get(cue.key()).standing() != Standing.OWNED) continue;
                    ChildView child = row.child();
                    List<LocalDate> days = showed.stream()
                            .filter(s -> s.child().equals(child.id()))
                            .map(s -> s.at().atZone(zone).toLocalDate())
                            .toList();
                    byId.put(child.id(), child);
                    owners.add(new Demonstrators.Candidate(
                            child.id().toString(),
                            child.toSides().of(skill.action()).orElse(null),
                            days.isEmpty() ? null : days.get(days.size() - 1),
                            days.size()));
                }
                List<Demonstrators.Candidate> two = Demonstrators.of(owners);
                if (!two.isEmpty())
                    lines.add(new ShowLine(
                            cue.call().notSettled(),
                            two.stream()
                                    .map(c -> Objects.requireNonNull(byId.get(UUID.fromString(c.child())))
                                            .name())
                                    .toList(),
                            two.stream().map(Overview::why).toList()));
            }
        return lines;
    }

    private static String why(Demonstrators.Candidate c) {
        String side = c.side() == null ? "side not settled" : c.side() == Side.LEFT ? "left" : "right";
        return side + (c.last() == null ? ", has not shown anything yet" : ", last on " + c.last());
    }

    /** What children wanted to find out, in lessons after which nothing was written down as learnt. */
    private List<OpenQuestion> unanswered(List<LessonPlan> taught) {
        Map<UUID, List<LessonEvent>> events =
                lessonRecords.events(taught.stream().map(LessonPlan::lesson).toList());
        List<OpenQuestion> open = new ArrayList<>();
        for (LessonPlan lesson : taught) {
            List<TalkBody> talk = events.getOrDefault(lesson.lesson(), List.of()).stream()
                    .filter(e -> !e.voided())
                    .map(LessonEvent::what)
                    .filter(TalkEvent.class::isInstance)
                    .map(e -> ((TalkEvent) e).body())
                    .toList();
            Wants.unanswered(told(talk, TalkPart.WANT), told(talk, TalkPart.LEARNT))
                    .forEach(text -> open.add(new OpenQuestion(text, lesson.lesson(), lesson.number())));
        }
        return open;
    }

    private static List<String> told(List<TalkBody> talk, TalkPart part) {
        return talk.stream()
                .filter(b -> b.part() == part)
                .map(b -> Objects.requireNonNullElse(b.text(), ""))
                .toList();
    }
}
