package io.isokinet.server.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Memberships extends JpaRepository<Membership, UUID> {
    List<Membership> findByPersonIdOrderById(UUID personId);

    List<Membership> findBySchoolIdAndEndedAtIsNull(UUID schoolId);

    Optional<Membership> findBySchoolIdAndPersonId(UUID schoolId, UUID personId);
}
