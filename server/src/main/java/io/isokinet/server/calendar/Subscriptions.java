package io.isokinet.server.calendar;

import io.isokinet.core.check.FoundException;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.place.Spaces;
import java.io.IOException;
import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Calendars of others by their addresses, read when they are added and anew every night. One that cannot be read leaves what it brought
 * before, and says so. Nothing is fetched within a transaction.
 */
@Service
class Subscriptions {
    private static final Logger LOG = LoggerFactory.getLogger(Subscriptions.class);

    private final SubscriptionRows rows;
    private final Bookings bookings;
    private final Spaces spaces;
    private final CalendarAddress addresses;
    private final Audit audit;
    private final Clock clock;
    private final TransactionTemplate transaction;

    Subscriptions(
            SubscriptionRows rows,
            Bookings bookings,
            Spaces spaces,
            CalendarAddress addresses,
            Audit audit,
            Clock clock,
            TransactionTemplate transaction) {
        this.rows = rows;
        this.bookings = bookings;
        this.spaces = spaces;
        this.addresses = addresses;
        this.audit = audit;
        this.clock = clock;
        this.transaction = transaction;
    }

    /**
     * @param readAt when it was last read whole; null if it never was
     * @param problem why it could not be read the last time; null if it could
     */
    record SubscriptionView(
            UUID id,
            UUID space,
            String spaceName,
            String address,
            @Nullable Instant readAt,
            @Nullable String problem) {}

    List<SubscriptionView> all() {
        return rows.findAllByOrderByAddress().stream()
                .map(r -> new SubscriptionView(
                        r.id(), r.spaceId, spaces.view(r.spaceId).name(), r.address, r.readAt, r.problem))
                .toList();
    }

    /** @throws IllegalArgumentException if nothing may be fetched from there */
    List<SubscriptionView> add(UUID space, String address) {
        URI uri = addresses.checked(address);
        String name = spaces.view(space).name();
        UUID id = Ids.next();
        transaction.executeWithoutResult(t -> {
            rows.saveAndFlush(new SubscriptionRow(id, space, uri.toString()));
            audit.add(Act.ADDED, "calendar of others for " + name, uri.toString(), space);
        });
        read(id);
        return all();
    }

    List<SubscriptionView> readAgain(UUID id) {
        row(id);
        read(id);
        return all();
    }

    /** Takes what it brought along. */
    List<SubscriptionView> remove(UUID id) {
        SubscriptionRow row = row(id);
        transaction.executeWithoutResult(t -> {
            bookings.drop(row.spaceId, source(row));
            rows.deleteById(id);
            audit.add(Act.REMOVED, "calendar of others", row.address, row.spaceId);
        });
        return all();
    }

    /** All of the school in scope; one that fails does not keep the next from being read. */
    void readAll() {
        rows.findAllByOrderByAddress().forEach(r -> read(r.id()));
    }

    private void read(UUID id) {
        SubscriptionRow row = row(id);
        String problem = null;
        try {
            byte[] content = addresses.fetch(addresses.checked(row.address));
            bookings.take(row.spaceId, source(row), content, true);
        } catch (IOException | IllegalArgumentException e) {
            problem = String.valueOf(e.getMessage());
        } catch (FoundException e) {
            problem = e.findings().all().get(0).message();
        } catch (RuntimeException e) {
            LOG.warn("A calendar could not be taken: {}", e.getClass().getSimpleName());
            problem = "It cannot be read; it may be damaged.";
        }
        String said = problem;
        transaction.executeWithoutResult(t -> {
            SubscriptionRow now = row(id);
            now.problem = said == null ? null : said.substring(0, Math.min(300, said.length()));
            if (said == null) now.readAt = clock.instant();
            rows.saveAndFlush(now);
        });
    }

    /** What its bookings are known by, among those out of files. */
    private static String source(SubscriptionRow row) {
        String address = row.address.replaceFirst("^https?://", "");
        return address.substring(Math.max(0, address.length() - 120));
    }

    private SubscriptionRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotFoundException("subscribed calendar", id));
    }
}
