package io.isokinet.server.unit;

import io.isokinet.server.record.Recorder;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether lessons are planned, taught or lost. */
@Service
public class LessonStanding {
    private final UnitStore store;
    private final Recorder recorder;

    LessonStanding(UnitStore store, Recorder recorder) {
        this.store = store;
        this.recorder = recorder;
    }

    /**
     * Says where a lesson stands. Once taught, the cues it introduced are taught, whatever becomes of the plan.
     *
     * @param at when
     */
    @Transactional
    public void say(UUID lessonId, LessonState state, Instant at) {
        LessonRow lesson = store.lesson(lessonId);
        if (lesson.isTaught() && state != LessonState.TAUGHT)
            throw new IllegalArgumentException(
                    "Lesson %d was taught; that cannot be taken back here.".formatted(lesson.number()));
        if (state == LessonState.TAUGHT && !lesson.isTaught()) {
            UnitRow unit = store.unit(lesson.unitId());
            List<String> cues = store.head(unit).body().choices(lessonId).stream()
                    .flatMap(c -> Objects.requireNonNullElse(c.introduces(), List.<String>of()).stream())
                    .toList();
            recorder.taught(unit.classId(), cues, lessonId, at);
        }
        lesson.become(state);
        store.flush();
    }
}
