package io.isokinet.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BookingRows extends JpaRepository<BookingRow, UUID> {
    List<BookingRow> findBySourceAndSpaceId(String source, UUID spaceId);
}
