package io.isokinet.server.unit;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.record.EventEntry.Ending;
import io.isokinet.server.record.LessonEnded;
import io.isokinet.server.record.LessonReopened;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.RevisionRow.Made;
import io.isokinet.server.unit.UnitBody.LessonBody;
import io.isokinet.server.unit.UnitBody.SegmentBody;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Whether lessons are planned, taught or lost. Only what ran is taught: the rest of a lesson that was cut short leaves the plan, so
 * that what it was to introduce is planned again. On the day on which it was said all of that can be taken back.
 */
@Service
public class LessonStanding {
    private final UnitStore store;
    private final UnitReader reader;
    private final Recorder recorder;
    private final Schools schools;

    LessonStanding(UnitStore store, UnitReader reader, Recorder recorder, Schools schools) {
        this.store = store;
        this.reader = reader;
        this.recorder = recorder;
        this.schools = schools;
    }

    @EventListener
    void ended(LessonEnded told) {
        end(told.lesson(), told.how(), told.ran(), told.at());
    }

    @EventListener
    void reopened(LessonReopened told) {
        reopen(told.lesson());
    }

    /**
     * Says where a lesson stands.
     *
     * @param ran segments that ran, of a lesson that was taught; null for all
     * @param at when
     */
    @Transactional
    public void say(UUID lessonId, LessonState state, @Nullable List<UUID> ran, Instant at) {
        LessonRow lesson = store.lesson(lessonId);
        if (state == lesson.state()) return;
        if (state == LessonState.TAUGHT)
            end(lessonId, ran == null ? Ending.TAUGHT : Ending.CUT, ran == null ? List.of() : ran, at);
        else if (lesson.isTaught() || lesson.endedAt() != null) reopen(lessonId);
        else {
            lesson.become(state);
            store.flush();
        }
    }

    /** Says whether a lesson was printed, laid out or told to the class. */
    @Transactional
    public void prepare(UUID lessonId, boolean prepared) {
        store.lesson(lessonId).prepare(prepared);
        store.flush();
    }

    /**
     * Says how a lesson ended; who comes second, from another device, changes nothing.
     *
     * @param ran segments that ran, where it was cut short; if none of them is in the plan any more, all count
     */
    @Transactional
    public void end(UUID lessonId, Ending how, Collection<UUID> ran, Instant at) {
        LessonRow lesson = store.lesson(lessonId);
        if (!lesson.isPlanned()) return;
        if (how == Ending.NONE) {
            lesson.end(LessonState.LOST, at, null);
            store.flush();
            return;
        }
        UnitRow unit = store.unit(lesson.unitId());
        RevisionRow head = store.head(unit);
        List<SegmentBody> planned = segments(head.body(), lessonId);
        List<SegmentBody> had = how == Ending.CUT ? among(planned, Set.copyOf(ran)) : planned;
        boolean cut = had.size() < planned.size();
        lesson.end(LessonState.TAUGHT, at, cut ? head.id() : null);
        store.flush();
        if (cut) {
            String cause = "Lesson %d was cut short".formatted(lesson.number());
            put(unit, head, with(head.body(), lessonId, had), RevisionKind.CUT_SHORT, cause);
        }
        List<String> introduced =
                had.stream().flatMap(s -> s.introduces().stream()).distinct().toList();
        recorder.taught(unit.classId(), introduced, lessonId, at);
        UUID other = lesson.withClass();
        if (other != null) recorder.taught(other, introduced, lessonId, at);
    }

    private static List<SegmentBody> among(List<SegmentBody> planned, Set<UUID> ran) {
        List<SegmentBody> had =
                planned.stream().filter(s -> ran.contains(s.id())).toList();
        return had.isEmpty() ? planned : had;
    }

    /**
     * Takes back that a lesson ended, with all that followed from it.
     *
     * @throws IllegalArgumentException if it was not said today
     */
    @Transactional
    public void reopen(UUID lessonId) {
        LessonRow lesson = store.lesson(lessonId);
        if (lesson.isPlanned()) return;
        LocalDate on = day(lesson.endedAt());
        if (!schools.today().equals(on))
            throw new IllegalArgumentException(
                    "How lesson %d ended was said %s; that can be taken back on the same day only."
                            .formatted(lesson.number(), on == null ? "long ago" : "on " + on));
        UUID whole = lesson.wholeIn();
        lesson.become(LessonState.PLANNED);
        store.flush();
        if (whole != null) makeWhole(lesson, whole);
        recorder.notTaught(lessonId);
    }

    private @Nullable LocalDate day(@Nullable Instant at) {
        return at == null ? null : at.atZone(schools.zone()).toLocalDate();
    }

    /** Goes back to the plan before, or gives the lesson back what it had where the plan was changed since. */
    private void makeWhole(LessonRow lesson, UUID whole) {
        UnitRow unit = store.unit(lesson.unitId());
        RevisionRow head = store.head(unit);
        if (head.kind() == RevisionKind.CUT_SHORT && whole.equals(head.parent())) {
            unit.follow(whole);
            store.flush();
            return;
        }
        List<SegmentBody> had = store.revision(unit, whole)
                .map(r -> segments(r.body(), lesson.id()))
                .orElseThrow();
        put(
                unit,
                head,
                with(head.body(), lesson.id(), had),
                RevisionKind.WHOLE_AGAIN,
                "Lesson %d is whole again".formatted(lesson.number()));
    }

    private void put(UnitRow unit, RevisionRow head, UnitBody body, RevisionKind kind, String cause) {
        List<LessonRow> lessons = store.lessons(unit.id());
        Plan plan = reader.plan(unit, body, lessons);
        UnitBody now = body.with(
                plan, UnitReader.planned(lessons).stream().map(LessonRow::id).toList());
        store.advance(
                unit.id(),
                head.id(),
                new Made(kind, cause, now, Rules.score(plan)),
                reader.edition(unit, now).packs());
    }

    /** Cues that a lesson was to introduce before it was cut short, and that no lesson introduces now. */
    @Transactional(readOnly = true)
    public List<String> notIntroduced(UUID lessonId) {
        LessonRow lesson = store.lesson(lessonId);
        UUID whole = lesson.wholeIn();
        if (whole == null) return List.of();
        UnitRow unit = store.unit(lesson.unitId());
        Set<String> introduced = store.head(unit).body().lessons().stream()
                .flatMap(l -> l.segments().stream())
                .flatMap(s -> s.introduces().stream())
                .collect(Collectors.toSet());
        return store.revision(unit, whole).stream()
                .flatMap(r -> segments(r.body(), lessonId).stream())
                .flatMap(s -> s.introduces().stream())
                .filter(c -> !introduced.contains(c))
                .distinct()
                .toList();
    }

    private static List<SegmentBody> segments(UnitBody body, UUID lesson) {
        return body.lesson(lesson).map(LessonBody::segments).orElse(List.of());
    }

    private static UnitBody with(UnitBody body, UUID lesson, List<SegmentBody> segments) {
        List<LessonBody> now = new ArrayList<>();
        for (LessonBody l : body.lessons()) now.add(l.lesson().equals(lesson) ? new LessonBody(lesson, segments) : l);
        return body.holding(now);
    }
}
