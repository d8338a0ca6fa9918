package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Booking;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;

/** Somebody else's use of a place, out of a calendar file. The import is logged, not each row. */
@Entity
@Table(name = "booking")
class BookingRow extends Owned {
    @Column(name = "space_id")
    UUID spaceId;

    /** The file it came from. */
    String source;

    String title;
    Instant starts;
    Instant ends;

    @SuppressWarnings("NullAway.Init")
    protected BookingRow() {}

    BookingRow(UUID id, UUID spaceId, String source, String title, Instant starts, Instant ends) {
        super(id);
        this.spaceId = spaceId;
        this.source = source;
        this.title = title;
        this.starts = starts;
        this.ends = ends;
    }

    Booking toBooking(ZoneId zone) {
        return new Booking(
                title,
                spaceId.toString(),
                starts.atZone(zone).toLocalDateTime(),
                ends.atZone(zone).toLocalDateTime());
    }
}
