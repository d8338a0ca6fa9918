package io.isokinet.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SubscriptionRows extends JpaRepository<SubscriptionRow, UUID> {
    List<SubscriptionRow> findAllByOrderByAddress();
}
