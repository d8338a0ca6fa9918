package io.isokinet.server.mastery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import io.isokinet.core.mastery.Setting;
import io.isokinet.server.mastery.Learner.Look;
import io.isokinet.server.record.LessonRecords;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class TasksSeenTest {
    private static final UUID LESSON = new UUID(1, 1);
    private static final UUID STRETCH = new UUID(1, 2);
    private static final Instant BEGAN = Instant.parse("2026-09-07T09:00:00Z");

    private static Look look(@Nullable UUID stretch, int minute) {
        return new Look(true, Setting.DRILL, null, null, LESSON, stretch, BEGAN.plusSeconds(60L * minute), null);
    }

    /**
     * By hand: planned at the first step (-1), set to the last (2) after ten minutes; the mean of the looks is 0.5, so that the early one is a
     * logit and a half easier, and a quarter of that for the cue.
     */
    @Test
    void aLookIsHeldAgainstTheStepThatWasSetByThen() {
        LessonRecords records = mock();
        when(records.steps(any())).thenReturn(Map.of(STRETCH, new TreeMap<>(Map.of(BEGAN.plusSeconds(600), 2))));
        Tasks plans = lessons ->
                lessons.contains(LESSON) ? Map.of(STRETCH, new Tasks.Steps(List.of(-1.0, 0.5, 2.0), 0)) : Map.of();
        Look early = look(STRETCH, 5);
        Look late = look(STRETCH, 11);
        Look anywhere = look(null, 12);
        TasksSeen seen = TasksSeen.of(List.of(early, late, anywhere), plans, records);
        assertThat(seen.task(early)).isCloseTo(-0.375, within(1e-9));
        assertThat(seen.task(late)).isCloseTo(0.375, within(1e-9));
        assertThat(seen.task(anywhere)).isZero();
    }

    @Test
    void aStepBeyondTheHardestIsTheHardest() {
        assertThat(new Tasks.Steps(List.of(-1.0, 0.5), 7).at(null)).isEqualTo(0.5);
        assertThat(new Tasks.Steps(List.of(-1.0, 0.5), 1).at(0)).isEqualTo(-1);
    }
}
