package io.isokinet.server.eye;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LeaveRows extends JpaRepository<LeaveRow, UUID> {
    @Query("select l from LeaveRow l where l.person = :person")
    Optional<LeaveRow> of(UUID person);
}
