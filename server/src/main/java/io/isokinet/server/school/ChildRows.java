package io.isokinet.server.school;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ChildRows extends JpaRepository<Child, UUID> {
    List<Child> findBySourceIdIsNotNull();

    /** A child, one of its sides and one of the cues that do not fit it as they stand: a row for each pair, in one statement. */
    String WHOLE =
            " left join ChildSide s on s.childId = c.id left join ChildCue q on q.childId = c.id and q.toDay is null where ";

    /** The same with the class they are in on a day; a class with nobody in it is one row. */
    @Query(
            "select c, s, q, g from SchoolClass g left join Enrolment e on e.classId = g.id and e.fromDay <= :day and (e.toDay is null or e.toDay >= :day) left join Child c on c.id = e.childId"
                    + WHOLE
                    + "g.id in :groups")
    List<@Nullable Object[]> in(Collection<UUID> groups, LocalDate day);

    @Query("select c, s, q from Child c" + WHOLE + "c.id in :ids and c.erasedAt is null")
    List<@Nullable Object[]> whole(Collection<UUID> ids);
}
