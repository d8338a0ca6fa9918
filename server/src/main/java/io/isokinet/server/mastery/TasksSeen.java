package io.isokinet.server.mastery;

import io.isokinet.core.belief.TaskScale;
import io.isokinet.server.mastery.Learner.Look;
import io.isokinet.server.record.LessonRecords;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What children did when they were looked at: the stretch as it was planned, at the step that was set in the hall by then. */
final class TasksSeen {
    private final Map<UUID, Tasks.Steps> tasks;
    private final Map<UUID, NavigableMap<Instant, Integer>> set;
    private final TaskScale scale = new TaskScale();

    private TasksSeen(Map<UUID, Tasks.Steps> tasks, Map<UUID, NavigableMap<Instant, Integer>> set) {
        this.tasks = tasks;
        this.set = set;
    }

    /** @param looks of a class: what it usually does is the mean of them */
    static TasksSeen of(List<Look> looks, Tasks tasks, LessonRecords records) {
        Set<UUID> lessons = looks.stream()
                .filter(l -> l.segment() != null)
                .map(Look::lesson)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        TasksSeen seen = new TasksSeen(tasks.of(lessons), records.steps(lessons));
        for (Look look : looks) seen.scale.add(look.setting(), seen.logits(look));
        return seen;
    }

    private @Nullable Double logits(Look look) {
        UUID stretch = look.segment();
        Tasks.Steps steps = stretch == null ? null : tasks.get(stretch);
        if (steps == null) return null;
        NavigableMap<Instant, Integer> sets = set.get(stretch);
        Map.Entry<Instant, Integer> last = sets == null ? null : sets.floorEntry(look.seenAt());
        return steps.at(last == null ? null : last.getValue());
    }

    /** For {@link io.isokinet.core.belief.Look#task()}. */
    double task(Look look) {
        return scale.of(look.setting(), logits(look));
    }
}
