package io.isokinet.server.unit;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.server.http.NotFoundException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How much the lessons of a unit that are still to come work on each cue. */
@Service
public class UnitWork {
    private final UnitStore store;
    private final UnitReader reader;

    UnitWork(UnitStore store, UnitReader reader) {
        this.store = store;
        this.reader = reader;
    }

    /**
     * @param cueSets keys, one a skill
     * @param calls of its cues by their keys
     * @param lessons still to come, in their order
     */
    public record Work(
            UUID unit, UUID classId, List<String> cueSets, Map<String, String> calls, List<LessonWork> lessons) {}

    /** @param tries a child gets, by cue */
    public record LessonWork(UUID lesson, int number, LocalDate onDate, Map<String, Integer> tries) {}

    /**
     * As it is in force, or as another version would have it.
     *
     * @param version null for the one in force
     * @throws NotFoundException if there is no such unit or version
     */
    @Transactional(readOnly = true)
    public Work of(UUID id, @Nullable UUID version) {
        UnitInHand unit = reader.read(id);
        if (version == null) return work(unit, unit.plan());
        UnitBody body = store.revision(unit.row(), version)
                .orElseThrow(() -> new NotFoundException("version", version))
                .body();
        return work(unit, reader.plan(unit.row(), body, unit.lessons()));
    }

    /** The version that the one in force was made from; empty for none. */
    @Transactional(readOnly = true)
    public Optional<UUID> before(UUID id) {
        return Optional.ofNullable(store.head(store.unit(id)).parent());
    }

    private static Work work(UnitInHand unit, Plan plan) {
        Map<String, String> calls = new LinkedHashMap<>();
        List<LessonWork> lessons = new ArrayList<>();
        for (int l = 0; l < unit.planned().size(); l++) {
            LessonRow row = unit.planned().get(l);
            if (!row.isPlanned()) continue;
            Map<String, Integer> tries = new LinkedHashMap<>();
            for (Segment s : plan.lessons().get(l))
                for (String cue : s.focus()) {
                    tries.merge(cue, s.tries(), Integer::sum);
                    calls.putIfAbsent(cue, unit.knowHow().cue(cue).call());
                }
            lessons.add(new LessonWork(row.id(), plan.number(l), row.onDate(), tries));
        }
        return new Work(unit.id(), unit.row().classId(), unit.body().cueSets(), calls, lessons);
    }
}
