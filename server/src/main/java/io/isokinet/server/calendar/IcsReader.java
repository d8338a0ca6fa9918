package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.check.Finding;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.transform.recurrence.Frequency;

/** Reads a calendar file (RFC 5545) into events with a beginning and an end; recurrences only as far as they are needed. */
final class IcsReader {
    static final int MOST_EVENTS = 3000;
    private static final int MOST_TIMES = 5000;
    private static final int MOST_FINDINGS = 50;
    private static final Set<Frequency> TOO_OFTEN = Set.of(Frequency.SECONDLY, Frequency.MINUTELY, Frequency.HOURLY);

    private final ZoneId zone;
    private final Days horizon;
    private final List<Finding> findings = new ArrayList<>();
    private final List<Event> events = new ArrayList<>();

    /**
     * @param zone for times that name none, and for whole days
     * @param horizon events outside are left out
     */
    IcsReader(ZoneId zone, Days horizon) {
        this.zone = zone;
        this.horizon = horizon;
    }

    /**
     * Times of one event.
     *
     * @param ends excluded
     */
    public record Event(String title, Instant starts, Instant ends) {}

    /**
     * @param findings what cannot be read, with the remedy; with any, nothing comes in
     * @param outside events that lie outside the terms
     */
    public record Read(List<Event> events, int outside, List<Finding> findings) {}

    Read read(String name, byte[] ics) {
        String text = new String(ics, StandardCharsets.UTF_8);
        int count = text.split("BEGIN:VEVENT", -1).length - 1;
        if (!text.contains("BEGIN:VCALENDAR"))
            add(name, "This is no calendar file. Export it again as ICS (iCalendar).");
        else if (count > MOST_EVENTS)
            add(
                    name,
                    "The file holds %d events; %d is the most. Export one place, or fewer months."
                            .formatted(count, MOST_EVENTS));
        if (!findings.isEmpty()) return new Read(List.of(), 0, findings);
        int outside = 0;
        for (VEvent event : parse(name, ics)) {
            int before = events.size();
            take(event);
            if (events.size() == before) outside++;
            if (events.size() > MOST_TIMES) {
                add(
                        name,
                        "The file holds more than %d times until the end of the terms. Export one place only."
                                .formatted(MOST_TIMES));
                break;
            }
        }
        events.sort(Comparator.comparing(Event::starts));
        return new Read(findings.isEmpty() ? List.copyOf(events) : List.of(), outside, List.copyOf(findings));
    }

    private List<VEvent> parse(String name, byte[] ics) {
        try {
            Calendar calendar = new CalendarBuilder().build(new ByteArrayInputStream(ics));
            return calendar.<VEvent>getComponents(Component.VEVENT);
        } catch (ParserException e) {
            add(name, "Line %d cannot be read. Export the calendar again.".formatted(e.getLineNo()));
        } catch (IOException | RuntimeException e) {
            add(name, "The file breaks off or is damaged. Export the calendar again.");
        }
        return List.of();
    }

    private void take(VEvent event) {
        String title = event.getSummary() == null ? "taken" : event.getSummary().getValue();
        String where = "“%s”".formatted(title);
        try {
            var rule = event.<RRule<?>>getProperty(Property.RRULE);
            if (rule.isPresent() && TOO_OFTEN.contains(rule.get().getRecur().getFrequency())) {
                add(
                        where,
                        "It repeats several times a day. Give it one time a day in the other calendar, and export again.");
                return;
            }
            Instant from = horizon.first().atStartOfDay(zone).toInstant();
            Instant to = horizon.last().plusDays(1).atStartOfDay(zone).toInstant();
            for (Period<? extends Temporal> time : times(event)) {
                Instant starts = instant(time.getStart());
                Instant ends = instant(time.getEnd());
                if (!ends.isAfter(starts) || !ends.isAfter(from) || !starts.isBefore(to)) continue;
                events.add(new Event(title, starts, ends));
                if (events.size() > MOST_TIMES) return;
            }
        } catch (DateTimeException e) {
            add(
                    where,
                    "Its time or time zone is not known (%s). Set it to a usual zone, such as Europe/London, and export again."
                            .formatted(e.getMessage()));
        } catch (RuntimeException e) {
            add(where, "Its time cannot be read. Set beginning and end anew in the other calendar, and export again.");
        }
    }

    /** Recurrences are asked for in the kind of time that the event itself is written in. */
    private Set<? extends Period<? extends Temporal>> times(VEvent event) {
        Temporal start = event.<Temporal>getStartDate()
                .orElseThrow(() -> new DateTimeException("no beginning"))
                .getDate();
        LocalDate first = horizon.first().minusDays(2);
        LocalDate last = horizon.last().plusDays(2);
        if (start instanceof LocalDate) return event.calculateRecurrenceSet(new Period<>(first, last));
        if (start instanceof LocalDateTime)
            return event.calculateRecurrenceSet(new Period<>(first.atStartOfDay(), last.atStartOfDay()));
        return event.calculateRecurrenceSet(new Period<>(first.atStartOfDay(zone), last.atStartOfDay(zone)));
    }

    private Instant instant(Temporal time) {
        if (time instanceof Instant instant) return instant;
        if (time instanceof ZonedDateTime zoned) return zoned.toInstant();
        if (time instanceof OffsetDateTime offset) return offset.toInstant();
        if (time instanceof LocalDateTime local) return local.atZone(zone).toInstant();
        if (time instanceof LocalDate day) return day.atStartOfDay(zone).toInstant();
        throw new DateTimeException(String.valueOf(time));
    }

    private void add(String where, String message) {
        if (findings.size() < MOST_FINDINGS) findings.add(new Finding("calendar-file", where, message));
    }
}
