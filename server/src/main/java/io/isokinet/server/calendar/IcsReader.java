package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.check.Bounds;
import io.isokinet.core.check.Finding;
import io.isokinet.server.http.PlainText;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ExRule;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.RecurrenceId;
import net.fortuna.ical4j.transform.recurrence.Frequency;

/** Reads a calendar file (RFC 5545) into events with a beginning and an end; recurrences only as far as they are needed. */
final class IcsReader {
    private static final int MOST_FINDINGS = 50;
    /** Days that recurrences are followed through, of all events together; those of a school's offices are a tenth of it. */
    private static final long MOST_DAYS = 1_000_000;
    /** A list of single days, as text. */
    private static final int LONGEST_LIST = Bounds.MOST_TIMES * 17;

    private static final Set<Frequency> TOO_OFTEN = Set.of(Frequency.SECONDLY, Frequency.MINUTELY, Frequency.HOURLY);

    private final ZoneId zone;
    private final Days horizon;
    private final List<Finding> findings = new ArrayList<>();
    private final List<Event> events = new ArrayList<>();
    /** Beginnings of a series' occurrences that were moved or called off, by the series. */
    private final Map<String, Set<Instant>> replaced = new HashMap<>();

    private long daysLeft = MOST_DAYS;

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
        // Some offices' programs leave empty lines, which are none of the format's.
        String text = new String(ics, StandardCharsets.UTF_8)
                .lines()
                .filter(line -> !line.isBlank())
                .collect(Collectors.joining("\r\n", "", "\r\n"));
        int count = text.split("BEGIN:VEVENT", -1).length - 1;
        if (!text.contains("BEGIN:VCALENDAR"))
            add(name, "This is no calendar file. Export it again as ICS (iCalendar).");
        else if (count > Bounds.MOST_EVENTS)
            add(
                    name,
                    "The file holds %d events; %d is the most. Export one place, or fewer months."
                            .formatted(count, Bounds.MOST_EVENTS));
        if (!findings.isEmpty()) return new Read(List.of(), 0, findings);
        List<VEvent> all = parse(name, text);
        all.forEach(this::replace);
        int outside = 0;
        for (VEvent event : all) {
            if (isFree(event)) continue;
            int before = events.size();
            take(event);
            if (events.size() == before) outside++;
            if (events.size() > Bounds.MOST_TIMES) {
                add(
                        name,
                        "The file holds more than %d times until the end of the terms. Export one place only."
                                .formatted(Bounds.MOST_TIMES));
                break;
            }
        }
        events.sort(Comparator.comparing(Event::starts));
        return new Read(findings.isEmpty() ? List.copyOf(events) : List.of(), outside, List.copyOf(findings));
    }

    private List<VEvent> parse(String name, String text) {
        try {
            Calendar calendar = new CalendarBuilder().build(new StringReader(text));
            return calendar.<VEvent>getComponents(Component.VEVENT);
        } catch (ParserException e) {
            add(name, "Line %d cannot be read. Export the calendar again.".formatted(e.getLineNo()));
        } catch (IOException | RuntimeException e) {
            add(name, "The file breaks off or is damaged. Export the calendar again.");
        }
        return List.of();
    }

    /** Notes the occurrence of a series that this event stands in for. */
    private void replace(VEvent event) {
        try {
            event.<RecurrenceId<?>>getProperty(Property.RECURRENCE_ID)
                    .ifPresent(id -> replaced.computeIfAbsent(value(event, Property.UID), u -> new HashSet<>())
                            .add(instant(id.getDate())));
        } catch (RuntimeException e) {
            add(title(event), "It says unreadably which occurrence it stands for. Export the calendar again.");
        }
    }

    /** Called off, or put in so that nobody is kept by it. */
    private static boolean isFree(VEvent event) {
        return value(event, Property.STATUS).equalsIgnoreCase("CANCELLED")
                || value(event, Property.TRANSP).equalsIgnoreCase("TRANSPARENT");
    }

    private static String value(VEvent event, String property) {
        return event.getProperty(property)
                .map(p -> Objects.requireNonNullElse(p.getValue(), ""))
                .orElse("");
    }

    private static String title(VEvent event) {
        String title = PlainText.cleaned(value(event, Property.SUMMARY));
        return title.isBlank() ? "taken" : title;
    }

    private void take(VEvent event) {
        String title = title(event);
        String where = "“%s”".formatted(title);
        try {
            if (repeatsWithinADay(event)) {
                add(
                        where,
                        "It repeats several times a day. Give it one time a day in the other calendar, and export again.");
                return;
            }
            if (isTooLong(event)) {
                add(
                        where,
                        "It began in another century, or repeats by more single days than can be followed. Export the next months only.");
                return;
            }
            Set<Instant> moved = event.getProperty(Property.RECURRENCE_ID).isPresent()
                    ? Set.of()
                    : replaced.getOrDefault(value(event, Property.UID), Set.of());
            Instant from = horizon.first().atStartOfDay(zone).toInstant();
            Instant to = horizon.last().plusDays(1).atStartOfDay(zone).toInstant();
            for (Period<? extends Temporal> time : times(event)) {
                Instant starts = instant(time.getStart());
                Instant ends = instant(time.getEnd());
                if (moved.contains(starts)) continue;
                if (!ends.isAfter(starts) || !ends.isAfter(from) || !starts.isBefore(to)) continue;
                events.add(new Event(title, starts, ends));
                if (events.size() > Bounds.MOST_TIMES) return;
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

    private static boolean repeatsWithinADay(VEvent event) {
        return Stream.of(Property.RRULE, Property.EXRULE)
                .flatMap(kind -> event.<Property>getProperties(kind).stream())
                .map(p -> p instanceof RRule<?> rule ? rule.getRecur() : ((ExRule<?>) p).getRecur())
                .anyMatch(r -> TOO_OFTEN.contains(r.getFrequency())
                        || r.getHourList().size() > 1
                        || r.getMinuteList().size() > 1
                        || r.getSecondList().size() > 1);
    }

    /** Asked before anything is followed: how far back it begins, and how many single days it lists. */
    private boolean isTooLong(VEvent event) {
        boolean listed = Stream.of(Property.RDATE, Property.EXDATE)
                .flatMap(kind -> event.<Property>getProperties(kind).stream())
                .anyMatch(p -> p.getValue() != null && p.getValue().length() > LONGEST_LIST);
        LocalDate begins = LocalDate.ofInstant(instant(start(event)), zone);
        int rules = event.getProperties(Property.RRULE).size()
                + event.getProperties(Property.EXRULE).size();
        daysLeft -= rules * Math.max(0, ChronoUnit.DAYS.between(begins, horizon.last()));
        return listed || !Bounds.isYear(begins.getYear()) || daysLeft < 0;
    }

    private static Temporal start(VEvent event) {
        return event.<Temporal>getStartDate()
                .orElseThrow(() -> new DateTimeException("no beginning"))
                .getDate();
    }

    /** Recurrences are asked for in the kind of time that the event itself is written in. */
    private Set<? extends Period<? extends Temporal>> times(VEvent event) {
        Temporal start = start(event);
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
