package io.isokinet.server.school;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CueRows extends JpaRepository<ChildCue, UUID> {
    List<ChildCue> findByToDayIsNullAndChildIdIn(Collection<UUID> children);

    List<ChildCue> findByChildId(UUID child);
}
