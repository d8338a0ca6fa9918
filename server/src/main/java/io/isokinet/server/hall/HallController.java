package io.isokinet.server.hall;

import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.nextstep.OwnLooks;
import io.isokinet.core.nextstep.Stands;
import io.isokinet.core.nextstep.WatchPlan;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.server.account.MayRecord;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.lesson.SheetView;
import io.isokinet.server.lesson.SheetView.PlaceView;
import io.isokinet.server.lesson.Sheets;
import io.isokinet.server.lesson.StretchView;
import io.isokinet.server.lesson.WetView;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.nextstep.Eyes;
import io.isokinet.server.nextstep.Watching;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.EveningRecords;
import io.isokinet.server.record.EveningRecords.FirstLook;
import io.isokinet.server.record.EventEntry;
import io.isokinet.server.record.HitRecords;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.Absences;
import io.isokinet.server.record.LessonRecords.LessonEvent;
import io.isokinet.server.record.Receipt;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import io.isokinet.server.unit.Lessons.LessonPlan;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

@RestController
@RequestMapping("/api/hall")
class HallController {
    /** Over the longest break, so that the last days of one can be used to get ready. */
    private static final int LOOKS_AHEAD = 60;
    /** Days with lessons, beside today. */
    private static final int DAYS_AHEAD = 2;

    private final Lessons lessons;
    private final Marks marks;
    private final HitRecords hitRecords;
    private final LessonRecords lessonRecords;
    private final Recorder recorder;
    private final Schools schools;
    private final KnowHows knowHows;
    private final Sheets sheets;
    private final Clock clock;
    private final Classes classes;
    private final Teams teams;
    private final Eyes eyes;
    private final EveningRecords evenings;

    HallController(
            Lessons lessons,
            Marks marks,
            HitRecords hitRecords,
            LessonRecords lessonRecords,
            Recorder recorder,
            Schools schools,
            KnowHows knowHows,
            Sheets sheets,
            Clock clock,
            Classes classes,
            Teams teams,
            Eyes eyes,
            EveningRecords evenings) {
        this.eyes = eyes;
        this.evenings = evenings;
        this.classes = classes;
        this.teams = teams;
        this.clock = clock;
        this.sheets = sheets;
        this.lessons = lessons;
        this.marks = marks;
        this.hitRecords = hitRecords;
        this.lessonRecords = lessonRecords;
        this.recorder = recorder;
        this.schools = schools;
        this.knowHows = knowHows;
    }

    /**
     * Everything one lesson in the hall needs, in one answer, so that it can be taught with no network.
     *
     * @param away children registered as away
     * @param sitsOut here, but not taking part
     * @param stretches the lesson worked out for who is here, with floors and groups
     * @param now the server's clock, by which the times below are told
     * @param events what happened in it so far
     * @param hits what was counted in it so far
     * @param wet what becomes of it when it rains; null where it has no place to go to
     * @param watch whom to watch in each stretch that works on cues
     * @param firstLooks whom somebody wanted to look at first, as decided on the evening of the lesson before
     * @param age of the class, in years
     * @param reminders what else was decided then, in sentences
     */
    record HallView(
            LessonPlan lesson,
            Grid grid,
            Set<UUID> away,
            Set<UUID> sitsOut,
            String pack,
            int age,
            List<StretchView> stretches,
            List<KitMoves.Move> moves,
            Instant now,
            List<LessonEvent> events,
            List<Hits> hits,
            @Nullable WetView wet,
            List<StretchWatch> watch,
            List<FirstLook> firstLooks,
            List<String> reminders) {}

    /**
     * Whom to watch in a stretch, for what.
     *
     * @param reason how many are likely to be settled by it
     * @param from where to stand; null where nobody is in a group
     */
    record StretchWatch(
            UUID segment,
            List<Watching.WatchView> watches,
            String reason,
            @Nullable StandsView from) {}

    /**
     * @param swaps groups that could change places
     * @param places to put for that, those that were put before among them
     * @param byCue groups to stand by for a cue, indexes from 0; without a cue that no look is planned for
     */
    record StandsView(
            List<StandView> stands,
            List<SwapView> swaps,
            List<PlaceView> places,
            Map<String, List<Integer>> byCue,
            String reason) {}

    /**
     * A spot, in metres from the left and the top.
     *
     * @param groups that are seen from it, indexes from 0
     */
    record StandView(double x, double y, List<Integer> groups, int looks) {}

    /** Groups, indexes from 0. */
    record SwapView(int group, int with) {}

    /** What became of a batch, and the marks of the children in it as they are now. */
    record HallReceipt(Receipt receipt, Map<UUID, Map<String, Grid.Cell>> cells) {}

    /** A lesson that can be opened in the hall. */
    record HallLesson(
            UUID lesson,
            UUID classId,
            String className,
            String title,
            int number,
            int of,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            LessonState state) {}

    /** Today's lessons of the classes of whoever asks, and those of the next days that have any: what a device keeps for days with no network. */
    @GetMapping
    @MayRecord
    @Transactional(readOnly = true)
    public List<HallLesson> coming() {
        LocalDate today = schools.today();
        Map<UUID, String> names = new HashMap<>();
        classes.all().forEach(c -> names.put(c.id(), c.name()));
        List<LessonHeader> coming = lessons.between(today, today.plusDays(LOOKS_AHEAD), teams.visible()).stream()
                .filter(l -> l.state() != LessonState.LOST)
                .toList();
        Set<LocalDate> days = coming.stream()
                .map(LessonHeader::onDate)
                .filter(d -> d.isAfter(today))
                .distinct()
                .limit(DAYS_AHEAD)
                .collect(Collectors.toSet());
        return coming.stream()
                .filter(l -> l.onDate().equals(today) || days.contains(l.onDate()))
                .map(l -> new HallLesson(
                        l.lesson(),
                        l.classId(),
                        names.getOrDefault(l.classId(), ""),
                        l.title(),
                        l.number(),
                        l.of(),
                        l.onDate(),
                        l.starts(),
                        l.minutes(),
                        l.state()))
                .toList();
    }

    /**
     * What came of a lesson in the hall, for the desk. Voided events are left out.
     *
     * @param said what the class said, by part of the talk
     * @param asked closing questions with how they went
     * @param votes favourite and hardest, the most first
     * @param goSeconds from one go to the next; null for too few
     * @param counts what was counted by number, in sentences
     * @param minutes that each stretch really had
     */
    record HallRecord(
            List<String> notes,
            List<String> said,
            List<String> asked,
            List<Vote> votes,
            List<String> counts,
            List<StretchMinutes> minutes,
            int hits,
            int tries,
            @Nullable Integer goSeconds) {}

    record Vote(String activity, String name, int favourite, int hardest) {}

    /**
     * @param planned minutes
     * @param had minutes, rounded
     * @param changeSeconds the change into it took; null where nobody said
     */
    record StretchMinutes(
            String name, int planned, int had, @Nullable Integer changeSeconds) {}

    @GetMapping("/{lesson}/record")
    @MayRecord(of = Subject.LESSON, variable = "lesson")
    @Transactional(readOnly = true)
    public HallRecord record(@PathVariable UUID lesson) {
        LessonPlan plan = lessons.plan(lesson);
        Map<String, String> names = new HashMap<>();
        children(lessons.header(lesson)).forEach(c -> names.put(c.id().toString(), c.name()));
        return RecordOfLesson.of(
                plan, knowHows.current(), lessonRecords.events(lesson), hitRecords.hitsIn(lesson), names);
    }

    /** @param events of the score desk, oldest first */
    record ScoreEvents(List<LessonEvent> events) {}

    /** The score alone, for a board that asks often. */
    @GetMapping("/{lesson}/score")
    @MayRecord(of = Subject.LESSON, variable = "lesson")
    @Transactional(readOnly = true)
    public ScoreEvents score(@PathVariable UUID lesson) {
        lessons.header(lesson);
        return new ScoreEvents(lessonRecords.events(lesson).stream()
                .filter(e -> e.what() instanceof EventEntry.ScoreEvent)
                .toList());
    }

    /** @param person who pressed all of it, if it is said: it is taken from nobody else */
    @PostMapping("/{lesson}/batches")
    @MayRecord(of = Subject.LESSON, variable = "lesson")
    public HallReceipt take(
            @PathVariable UUID lesson,
            @Valid @RequestBody Batch batch,
            @RequestHeader(required = false) @Nullable UUID person) {
        if (person != null && !person.equals(SignedIn.current().person()))
            throw new ResponseStatusException(
                    HttpStatus.UNAUTHORIZED,
                    "Somebody else is signed in now. Let whoever opened this lesson sign in again; what was pressed waits for them.");
        LessonHeader header = lessons.header(lesson);
        Receipt receipt = recorder.take(batch, SignedIn.current());
        boolean all = !batch.taught().isEmpty() || !batch.voids().isEmpty();
        Set<UUID> touched = all
                ? children(header).stream().map(ChildView::id).collect(Collectors.toSet())
                : batch.trials().stream().map(Batch.TrialEntry::child).collect(Collectors.toSet());
        return new HallReceipt(receipt, cells(header, touched));
    }

    @GetMapping("/{lesson}")
    @MayRecord(of = Subject.LESSON, variable = "lesson")
    @Transactional(readOnly = true)
    public HallView hall(@PathVariable UUID lesson) {
        InHand inHand = lessons.inHand(lesson);
        LessonPlan plan = inHand.plan();
        Sheets.LessonWork worked = sheets.work(inHand);
        SheetView sheet = worked.view();
        Grid grid = grid(inHand);
        Absences absences = lessonRecords.absences(lesson);
        return new HallView(
                plan,
                grid,
                absences.away(),
                absences.sitsOut(),
                knowHows.sha256(),
                sheet.age(),
                sheet.segments(),
                sheet.moves(),
                clock.instant(),
                lessonRecords.events(lesson),
                hitRecords.hitsIn(lesson),
                sheets.wet(inHand).orElse(null),
                watch(plan, worked, grid, absences.away()),
                evenings.firstLooks(lesson),
                evenings.reminders(lesson));
    }

    /** Of children of a lesson, each by what was taught to its own class. */
    private Map<UUID, Map<String, Grid.Cell>> cells(LessonHeader header, Set<UUID> touched) {
        UUID other = header.withClass();
        if (other == null) return marks.cells(header.classId(), touched, header.cueSets(), header.zone());
        Set<UUID> guests =
                classes.view(other).children().stream().map(ChildView::id).collect(Collectors.toSet());
        Map<UUID, Map<String, Grid.Cell>> cells = new HashMap<>();
        touched.stream()
                .collect(Collectors.groupingBy(guests::contains, Collectors.toSet()))
                .forEach((theirs, ids) -> cells.putAll(
                        marks.cells(theirs ? other : header.classId(), ids, header.cueSets(), header.zone())));
        return cells;
    }

    /** Who is in a lesson: where another class comes along, both. */
    private List<ChildView> children(LessonHeader header) {
        return classes.together(classes.view(header.classId()), header.withClass())
                .children();
    }

    /** The marks of who is in a lesson, in the cues of its unit. */
    private Grid grid(InHand lesson) {
        LessonPlan plan = lesson.plan();
        Grid own = marks.grid(plan.classId(), plan.cueSets(), schools.today());
        UUID other = lesson.withClass();
        return other == null ? own : own.with(marks.grid(other, plan.cueSets(), schools.today()), lesson.schoolClass());
    }

    /** Whom to watch in each stretch of a lesson, and from where; the same as the hall has. */
    @GetMapping("/{lesson}/watch")
    @MayRecord(of = Subject.LESSON, variable = "lesson")
    @Transactional(readOnly = true)
    public List<StretchWatch> watch(@PathVariable UUID lesson) {
        InHand inHand = lessons.inHand(lesson);
        LessonPlan plan = inHand.plan();
        return watch(
                plan,
                sheets.work(inHand),
                grid(inHand),
                lessonRecords.absences(lesson).away());
    }

    private List<StretchWatch> watch(LessonPlan plan, Sheets.LessonWork worked, Grid grid, Set<UUID> away) {
        OwnLooks own = eyes.of(grid, schools.today());
        Watching watching = new Watching(grid);
        List<Watching.WatchView> before = new ArrayList<>();
        List<StretchWatch> stretches = new ArrayList<>();
        for (Lessons.PlannedSegment s : plan.segments()) {
            if (s.focus().isEmpty()) continue;
            WatchPlan watch =
                    watching.plan(plan.onDate(), s.focus(), c -> !away.contains(c), own.of(s.looks()), before);
            List<Watching.WatchView> views = Watching.views(watch);
            before.addAll(views);
            stretches.add(new StretchWatch(
                    s.id(),
                    views,
                    watch.reason(),
                    worked.view().segments().stream()
                            .filter(v -> v.id().equals(s.id()) && !v.groups().isEmpty())
                            .findFirst()
                            .map(v -> stands(worked.floors().get(s.id()), v, views))
                            .orElse(null)));
        }
        return stretches;
    }

    private static @Nullable StandsView stands(
            @Nullable FloorPlan floor, StretchView stretch, List<Watching.WatchView> watches) {
        if (floor == null) return null;
        List<List<String>> groups =
                stretch.floor() == null ? List.of() : stretch.floor().memberIds();
        Stands stands = Stands.of(floor, groups, looks(watches));
        Map<String, List<Integer>> byCue = new HashMap<>();
        watches.stream()
                .collect(Collectors.groupingBy(Watching.WatchView::cue))
                .forEach((cue, own) -> Stands.of(floor, groups, looks(own)).stands().stream()
                        .findFirst()
                        .ifPresent(first -> byCue.put(cue, first.groups())));
        Set<String> placed = stretch.byHand().places().stream()
                .map(p -> p.child().toString())
                .collect(Collectors.toSet());
        return new StandsView(
                stands.stands().stream()
                        .map(s -> new StandView(s.at().x(), s.at().y(), s.groups(), s.looks()))
                        .toList(),
                stands.swaps().stream()
                        .map(s -> new SwapView(s.group(), s.with()))
                        .toList(),
                stands.places(groups, placed).entrySet().stream()
                        .map(e -> new PlaceView(UUID.fromString(e.getKey()), e.getValue()))
                        .toList(),
                byCue,
                stands.reason());
    }

    private static Map<String, Integer> looks(List<Watching.WatchView> watches) {
        return watches.stream()
                .collect(Collectors.groupingBy(
                        w -> w.child().toString(), Collectors.summingInt(Watching.WatchView::looks)));
    }
}
