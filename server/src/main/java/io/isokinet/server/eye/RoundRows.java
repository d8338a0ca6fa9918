package io.isokinet.server.eye;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoundRows extends JpaRepository<RoundRow, UUID> {
    @Query("select r from RoundRow r where r.person = :person order by r.at")
    List<RoundRow> of(UUID person);

    @Query("select r from RoundRow r where r.person in (select l.person from LeaveRow l) order by r.at")
    List<RoundRow> withLeave();
}
