package io.isokinet.server.unit;

import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.EditRaceException;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;

/** Units, their lessons and the chain of their revisions, as rows. Knows nothing of what a plan means. */
@Component
class UnitStore {
    interface UnitRows extends JpaRepository<UnitRow, UUID> {
        /** Those that were removed after a moment, the last one first. */
        @Query(
                value = "select * from unit where school_id = :school and removed_at > :after order by removed_at desc",
                nativeQuery = true)
        List<UnitRow> removed(UUID school, Instant after);
    }

    interface RevisionRows extends JpaRepository<RevisionRow, UUID> {
        Optional<RevisionRow> findFirstByParentOrderByAtDesc(UUID parent);

        List<RevisionRow> findByUnitIdOrderByAtDesc(UUID unitId, Limit most);
    }

    interface LessonRows extends JpaRepository<LessonRow, UUID> {
        List<LessonRow> findByUnitIdOrderByPosition(UUID unitId);

        List<LessonRow> findByUnitIdInOrderByPosition(Collection<UUID> unitIds);

        List<LessonRow> findByOnDateBetween(LocalDate first, LocalDate last);

        @Query(
                value = "select * from lesson where school_id = :school and unit_id = :unit order by position",
                nativeQuery = true)
        List<LessonRow> evenRemoved(UUID school, UUID unit);
    }

    private final UnitRows units;
    private final RevisionRows revisions;
    private final LessonRows lessons;
    private final Clock clock;

    UnitStore(UnitRows units, RevisionRows revisions, LessonRows lessons, Clock clock) {
        this.units = units;
        this.revisions = revisions;
        this.lessons = lessons;
        this.clock = clock;
    }

    boolean has(UUID unit) {
        return units.existsById(unit);
    }

    /** @throws NotFoundException if there is none */
    UnitRow unit(UUID id) {
        return units.findById(id).orElseThrow(() -> new NotFoundException("unit", id));
    }

    /** Takes a unit away with its lessons, or brings it back. */
    void remove(UnitRow unit, @Nullable Instant at) {
        unit.remove(at);
        lessons.evenRemoved(SchoolScope.current(), unit.id()).forEach(l -> l.remove(at));
        units.flush();
    }

    /** Those that were removed after a moment, the last one first. */
    List<UnitRow> removed(Instant after) {
        return units.removed(SchoolScope.current(), after);
    }

    Optional<UnitRow> find(UUID unit) {
        return units.findById(unit);
    }

    /** @throws NotFoundException if there is none */
    LessonRow lesson(UUID id) {
        return lessons.findById(id).orElseThrow(() -> new NotFoundException("lesson", id));
    }

    /** In their order. */
    List<LessonRow> lessons(UUID unit) {
        return lessons.findByUnitIdOrderByPosition(unit);
    }

    List<LessonRow> lessonsOn(LocalDate day) {
        return lessons.findByOnDateBetween(day, day);
    }

    /** A unit with its revision in force and its lessons in their order. */
    record Whole(UnitRow unit, RevisionRow head, List<LessonRow> lessons) {}

    /** Those of these units that there are, in three statements. */
    List<Whole> whole(Collection<UUID> ids) {
        if (ids.isEmpty()) return List.of();
        List<UnitRow> rows = units.findAllById(ids);
        Map<UUID, RevisionRow> heads = new HashMap<>();
        revisions
                .findAllById(rows.stream()
                        .map(UnitRow::head)
                        .filter(Objects::nonNull)
                        .toList())
                .forEach(r -> heads.put(r.id(), r));
        Map<UUID, List<LessonRow>> byUnit =
                lessons.findByUnitIdInOrderByPosition(ids).stream().collect(Collectors.groupingBy(LessonRow::unitId));
        return rows.stream()
                .map(u -> new Whole(
                        u,
                        inForce(u, Optional.ofNullable(heads.get(u.head()))),
                        byUnit.getOrDefault(u.id(), List.of())))
                .toList();
    }

    /** Adds a unit with its lessons; a revision has to follow before the transaction ends. */
    void add(UnitRow unit, List<LessonRow> rows) {
        units.saveAndFlush(unit);
        lessons.saveAllAndFlush(rows);
    }

    void add(LessonRow lesson) {
        lessons.save(lesson);
    }

    void remove(LessonRow lesson) {
        lessons.delete(lesson);
    }

    /** Writes what was changed about lessons. */
    void flush() {
        lessons.flush();
    }

    /** The revision in force. */
    RevisionRow head(UnitRow unit) {
        return inForce(unit, Optional.ofNullable(unit.head()).flatMap(revisions::findById));
    }

    private static RevisionRow inForce(UnitRow unit, Optional<RevisionRow> head) {
        return head.orElseThrow(
                () -> new IllegalStateException("Impossible state: the unit %s has no revision.".formatted(unit.id())));
    }

    Optional<RevisionRow> revision(UUID id) {
        return revisions.findById(id);
    }

    /** A revision of this unit; empty if there is none of this id, or of another unit. */
    Optional<RevisionRow> revision(UnitRow unit, UUID id) {
        return revisions.findById(id).filter(r -> r.unitId().equals(unit.id()));
    }

    /** The newest revisions and proposals of a unit, the newest first. */
    List<RevisionRow> history(UUID unit, int most) {
        return revisions.findByUnitIdOrderByAtDesc(unit, Limit.of(most));
    }

    /** The revision that redo would go to; empty if there is none. */
    Optional<UUID> next(UUID head) {
        return revisions.findFirstByParentOrderByAtDesc(head).map(RevisionRow::id);
    }

    /** Keeps a revision beside the chain. */
    RevisionRow keep(UUID unit, @Nullable UUID parent, RevisionRow.Made made, List<String> packs) {
        return revisions.saveAndFlush(
                new RevisionRow(Ids.next(), unit, parent, SignedIn.current().person(), clock.instant(), made, packs));
    }

    /**
     * Puts a new revision in force, on top of the one it was made from.
     *
     * @throws EditRaceException if another one is in force by now
     */
    RevisionRow advance(UUID unit, @Nullable UUID parent, RevisionRow.Made made, List<String> packs) {
        UnitRow row = unit(unit);
        if (parent == null ? row.head() != null : !parent.equals(row.head())) throw new EditRaceException("unit");
        RevisionRow revision = keep(unit, parent, made, packs);
        row.follow(revision.id());
        units.flush();
        return revision;
    }
}
