package io.isokinet.server.today;

import io.isokinet.core.check.FoundException;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.MayRecord;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Ids;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.Absences;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import io.isokinet.server.today.DayBook.DayView;
import io.isokinet.server.unit.LessonChangeForm;
import io.isokinet.server.unit.LessonChanges;
import io.isokinet.server.unit.LessonChanges.LessonChangeView;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.Lessons;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
public class TodayController {
    private final DayBook days;
    private final DayKits kits;
    private final LessonChanges changes;
    private final Lessons lessons;
    private final Classes classes;
    private final LessonRecords lessonRecords;
    private final Recorder recorder;
    private final Schools schools;
    private final Teams teams;
    private final Clock clock;

    TodayController(
            DayBook days,
            DayKits kits,
            LessonChanges changes,
            Lessons lessons,
            Classes classes,
            LessonRecords lessonRecords,
            Recorder recorder,
            Schools schools,
            Teams teams,
            Clock clock) {
        this.days = days;
        this.kits = kits;
        this.changes = changes;
        this.lessons = lessons;
        this.classes = classes;
        this.lessonRecords = lessonRecords;
        this.recorder = recorder;
        this.schools = schools;
        this.teams = teams;
        this.clock = clock;
    }

    record WetForm(@NotNull List<UUID> lessons, boolean anyway) {}

    /**
     * @param change null if it did not come inside
     * @param why it did not
     */
    record WetLesson(
            UUID lesson,
            @Nullable LessonChangeView change,
            @Nullable String why) {}

    /** @param sitsOut here, but not taking part; as it was if left out */
    record AwayForm(@NotNull Set<UUID> away, @Nullable Set<UUID> sitsOut) {}

    /** @param day today if left out */
    @GetMapping("/today")
    @MayRead
    DayView today(@RequestParam(required = false) @Nullable LocalDate day) {
        return days.day(day == null ? schools.today() : day);
    }

    /**
     * What to lay out for the lessons of a day; apart from the day itself, since each lesson is worked out for it.
     *
     * @param day today if left out
     */
    @GetMapping("/today/lay-out")
    @MayRead
    DayKits.LayOutView layOut(@RequestParam(required = false) @Nullable LocalDate day) {
        return kits.of(day == null ? schools.today() : day);
    }

    /** It rains: brings these lessons inside. Each for itself, so that one that cannot come does not keep the others out. */
    @PostMapping("/today/wet")
    @MayPlan
    List<WetLesson> wet(@Valid @RequestBody WetForm form) {
        form.lessons().forEach(l -> teams.require(Subject.LESSON, l));
        List<WetLesson> done = new ArrayList<>();
        for (UUID lesson : form.lessons())
            try {
                LessonChangeForm change = new LessonChangeForm.IndoorsForm("rain", null, form.anyway());
                done.add(new WetLesson(lesson, changes.change(lesson, change), null));
            } catch (FoundException e) {
                done.add(new WetLesson(lesson, null, e.findings().all().get(0).message()));
            } catch (IllegalArgumentException e) {
                done.add(new WetLesson(lesson, null, e.getMessage()));
            }
        return done;
    }

    /** Registers who is away from a lesson and who sits out; everybody else is there. */
    @PutMapping("/lessons/{id}/away")
    @MayRecord(of = Subject.LESSON)
    @Transactional
    public Set<UUID> away(@PathVariable UUID id, @Valid @RequestBody AwayForm form) {
        SignedIn who = SignedIn.current();
        Absences before = lessonRecords.absences(id);
        Set<UUID> was = before.away();
        Set<UUID> satOut = before.sitsOut();
        Set<UUID> sitsOut = form.sitsOut() == null ? satOut : form.sitsOut();
        Instant now = clock.instant();
        Set<UUID> children = new HashSet<>();
        LessonHeader lesson = lessons.header(id);
        ClassView there = classes.together(classes.view(lesson.classId()), lesson.withClass());
        for (ChildView child : there.children()) children.add(child.id());
        List<Batch.RegisterEntry> entries = children.stream()
                .filter(c -> was.contains(c) != form.away().contains(c) || satOut.contains(c) != sitsOut.contains(c))
                .map(c ->
                        new Batch.RegisterEntry(Ids.next(), id, c, !form.away().contains(c), sitsOut.contains(c), now))
                .toList();
        if (!entries.isEmpty())
            recorder.take(new Batch(Ids.next(), desk(who), now, List.of(), List.of(), entries, List.of()), who);
        return lessonRecords.absences(id).away();
    }

    /** The desk of a person counts as one device. */
    private static UUID desk(SignedIn who) {
        return UUID.nameUUIDFromBytes(("desk " + who.school() + who.person()).getBytes(StandardCharsets.UTF_8));
    }
}
