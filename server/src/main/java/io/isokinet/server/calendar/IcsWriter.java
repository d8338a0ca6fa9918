package io.isokinet.server.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.jspecify.annotations.Nullable;

/** Writes lessons as a calendar (RFC 5545), in the school's own time zone, which stands in it. */
public final class IcsWriter {
    private final Calendar calendar = new Calendar();
    private final ZoneId zone;
    private final Instant now;

    /** @param name of the calendar @param now when it is written */
    public IcsWriter(String name, ZoneId zone, Instant now) {
        this.zone = zone;
        this.now = now;
        calendar.add(new ProdId("-//Isokinet//Lessons//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(ImmutableMethod.PUBLISH);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        TimeZoneRegistry registry = TimeZoneRegistryFactory.getInstance().createRegistry();
        var known = registry.getTimeZone(zone.getId());
        if (known != null) calendar.add(known.getVTimeZone());
    }

    /** @param starts null for a whole day @param lost true if it is called off */
    public void add(
            String uid,
            String summary,
            String place,
            String description,
            LocalDate day,
            @Nullable LocalTime starts,
            int minutes,
            boolean lost) {
        VEvent event = new VEvent(false);
        event.add(new Uid(uid));
        event.add(new DtStamp(now));
        event.add(new Summary(summary));
        event.add(new Location(place));
        event.add(new Description(description));
        event.add(new Status(lost ? "CANCELLED" : "CONFIRMED"));
        if (starts == null) {
            event.add(new DtStart<>(day));
            event.add(new DtEnd<>(day.plusDays(1)));
        } else {
            ZonedDateTime from = day.atTime(starts).atZone(zone);
            event.add(new DtStart<>(from));
            event.add(new DtEnd<>(from.plusMinutes(minutes)));
        }
        calendar.add(event);
    }

    /** RFC 5545. */
    public String text() {
        return calendar.toString();
    }
}
