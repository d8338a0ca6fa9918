package io.isokinet.server.school;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SideRows extends JpaRepository<ChildSide, UUID> {
    List<ChildSide> findByChildIdIn(Collection<UUID> children);
}
