package io.isokinet.server.unit;

import io.isokinet.server.account.Teams;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.keeping.Removals;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Units that were made by mistake: they go at once, can be brought back for {@value Removals#DAYS} days, and are deleted then. */
@Service
public class RemovedUnits {
    private final UnitStore store;
    private final UnitBoards boards;
    private final Classes classes;
    private final Teams teams;
    private final Schools schools;
    private final UnitHeaders headers;
    private final Clock clock;

    RemovedUnits(
            UnitStore store,
            UnitBoards boards,
            Classes classes,
            Teams teams,
            Schools schools,
            UnitHeaders headers,
            Clock clock) {
        this.store = store;
        this.boards = boards;
        this.classes = classes;
        this.teams = teams;
        this.schools = schools;
        this.headers = headers;
        this.clock = clock;
    }

    /** @param until the last day on which it can be brought back */
    record RemovedView(UUID id, String title, String className, LocalDate until) {}

    /** @throws IllegalArgumentException if something was taught or recorded in it */
    @Transactional
    void remove(UUID id) {
        UnitRow unit = store.unit(id);
        store.lessons(id).stream().filter(LessonRow::isTaught).findFirst().ifPresent(l -> {
            throw new IllegalArgumentException(
                    "Lesson %d of “%s” was taught, and marks rest on it; the unit stays. Its lessons to come can be called lost."
                            .formatted(l.number(), unit.title()));
        });
        if (headers.isRecorded(id))
            throw new IllegalArgumentException(
                    "Something was recorded in a lesson of “%s”; the unit stays. Its lessons to come can be called lost."
                            .formatted(unit.title()));
        store.remove(unit, clock.instant());
    }

    /** @throws IllegalArgumentException if it was removed longer ago than it is kept */
    @Transactional
    UnitView bringBack(UUID id) {
        UnitRow unit = store.removed(since()).stream()
                .filter(u -> u.id().equals(id))
                .findFirst()
                .orElseThrow(() -> store.has(id)
                        ? new IllegalArgumentException("This unit is there; nothing has to be brought back.")
                        : new NotFoundException("removed unit of the last %d days".formatted(Removals.DAYS), id));
        teams.require(unit.classId());
        store.remove(unit, null);
        return boards.view(id);
    }

    /** What can be brought back, what was removed last first. */
    @Transactional(readOnly = true)
    List<RemovedView> all() {
        Map<UUID, String> names = classes.all().stream().collect(Collectors.toMap(ClassLine::id, ClassLine::name));
        Predicate<UUID> visible = teams.visible();
        return store.removed(since()).stream()
                .filter(u -> visible.test(u.classId()))
                .map(u -> new RemovedView(
                        u.id(),
                        u.title(),
                        names.getOrDefault(u.classId(), ""),
                        LocalDate.ofInstant(u.gone(), schools.zone()).plusDays(Removals.DAYS)))
                .toList();
    }

    private Instant since() {
        return clock.instant().minus(Duration.ofDays(Removals.DAYS));
    }
}
