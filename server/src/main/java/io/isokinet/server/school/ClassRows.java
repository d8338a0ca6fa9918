package io.isokinet.server.school;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassRows extends JpaRepository<SchoolClass, UUID> {
    /** Of those that are there. */
    Optional<SchoolClass> findByNameIgnoreCaseAndLeftOnIsNull(String name);

    List<SchoolClass> findByLeftOnIsNotNullOrderByLeftOnDesc();
}
