package io.isokinet.server.calendar;

import io.isokinet.core.check.Findings;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.calendar.IcsReader.Read;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.school.Schools;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What other people have booked of the school's places, by calendar files. */
@Service
class Bookings {
    private final BookingRows bookings;
    private final Calendars calendars;
    private final Schools schools;
    private final Spaces spaces;
    private final Audit audit;

    Bookings(BookingRows bookings, Calendars calendars, Schools schools, Spaces spaces, Audit audit) {
        this.bookings = bookings;
        this.calendars = calendars;
        this.schools = schools;
        this.spaces = spaces;
        this.audit = audit;
    }

    /**
     * Reads other people's bookings of a place out of a calendar file; what the same file brought before is replaced.
     *
     * @param take false to only see what would come in
     */
    @Transactional
    public Read take(UUID spaceId, String source, byte[] ics, boolean take) {
        SpaceView space = spaces.view(spaceId);
        new Fields()
                .check(!source.isBlank() && source.length() <= 120, "source", "needs 1 to 120 characters.")
                .done();
        Read read = new IcsReader(schools.zone(), calendars.horizon()).read(source, ics);
        if (!take) return read;
        new Findings(read.findings()).throwIfAny();
        bookings.deleteAllInBatch(bookings.findBySourceAndSpaceId(source, spaceId));
        read.events()
                .forEach(e ->
                        bookings.save(new BookingRow(Ids.next(), spaceId, source, e.title(), e.starts(), e.ends())));
        bookings.flush();
        audit.add(
                Act.DID,
                "imported bookings of " + space.name(),
                "%d from %s".formatted(read.events().size(), source),
                spaceId);
        return read;
    }

    @Transactional
    public void remove(UUID spaceId, String source) {
        List<BookingRow> rows = bookings.findBySourceAndSpaceId(source, spaceId);
        if (rows.isEmpty()) throw new NotFoundException("booking from " + source + " for the space", spaceId);
        bookings.deleteAllInBatch(rows);
        audit.add(Act.REMOVED, "bookings from " + source, String.valueOf(rows.size()), spaceId);
    }

    /** The same where there may be none. */
    void drop(UUID spaceId, String source) {
        bookings.deleteAllInBatch(bookings.findBySourceAndSpaceId(source, spaceId));
    }
}
