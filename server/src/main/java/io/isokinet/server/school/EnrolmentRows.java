package io.isokinet.server.school;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EnrolmentRows extends JpaRepository<Enrolment, UUID> {
    @Query(
            "select e from Enrolment e where e.classId in :classes and e.fromDay <= :day and (e.toDay is null or e.toDay >= :day)")
    List<Enrolment> on(Collection<UUID> classes, LocalDate day);

    List<Enrolment> findByToDayIsNullAndChildId(UUID child);

    List<Enrolment> findByChildIdOrderByFromDay(UUID child);

    /** The classes a child is in now, or was last in. */
    default Set<UUID> classesOf(UUID childId) {
        List<Enrolment> rows = findByChildIdOrderByFromDay(childId);
        Set<UUID> open = new HashSet<>();
        rows.stream().filter(e -> e.toDay == null).forEach(e -> open.add(e.classId));
        if (open.isEmpty() && !rows.isEmpty()) open.add(rows.get(rows.size() - 1).classId);
        return open;
    }
}
