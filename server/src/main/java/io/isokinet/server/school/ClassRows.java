package io.isokinet.server.school;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassRows extends JpaRepository<SchoolClass, UUID> {
    Optional<SchoolClass> findByNameIgnoreCase(String name);
}
