package io.isokinet.server.unit;

import io.isokinet.core.calendar.Closure;
import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.server.calendar.Calendars;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What stands in the way of a lesson on its date. */
@Component
public class DateClash {
    private final UnitStore store;
    private final Calendars calendars;

    DateClash(UnitStore store, Calendars calendars) {
        this.store = store;
        this.calendars = calendars;
    }

    /** A closed day, the end of a short one, or somebody else in the place, in words; null if nothing stands in its way, or it is over. */
    public static @Nullable String of(LessonHeader lesson, SchoolYear year) {
        if (lesson.state() != LessonState.PLANNED) return null;
        Optional<String> closed = closed(year, lesson.onDate(), lesson.starts(), lesson.minutes());
        if (closed.isPresent()) return closed.get();
        LocalTime starts = lesson.starts();
        if (starts == null) return null;
        return booked(year, lesson.spaceId(), lesson.onDate(), starts, starts.plusMinutes(lesson.minutes()))
                .map(title -> "taken: " + title)
                .orElse(null);
    }

    /** Why no lesson can be then: a closed day, or one that ends before the lesson does; empty if it can. */
    static Optional<String> closed(SchoolYear year, LocalDate day, @Nullable LocalTime starts, int minutes) {
        Optional<String> whole = year.closed(day);
        if (whole.isPresent() || starts == null) return whole;
        LocalTime ends = starts.plusMinutes(minutes);
        return year.closures().stream()
                .filter(c -> c.closes(day, ends))
                .map(Closure::name)
                .findFirst();
    }

    private static Optional<String> booked(
            SchoolYear year, UUID space, LocalDate day, LocalTime starts, LocalTime ends) {
        return year.bookings().stream()
                .filter(b -> b.takes(space.toString(), day, starts, ends))
                .findFirst()
                .map(b -> b.title());
    }

    /**
     * Asks about a closed day.
     *
     * @throws FoundException with the question
     */
    void askAboutDay(LocalDate day, String words) {
        calendars.year().closed(day).ifPresent(why -> {
            throw question(
                    "closed-day",
                    "onDate",
                    "%s is no school day: %s. Move it there all the same?".formatted(words, why));
        });
    }

    /**
     * Asks about a day on which the class has no lesson in the timetable; of a class that has none at all nothing is asked.
     *
     * @throws FoundException with the question
     */
    void askAboutTimetable(UUID schoolClass, LocalDate day, String words) {
        SchoolYear year = calendars.year();
        String group = schoolClass.toString();
        if (year.slots().stream().noneMatch(s -> s.group().equals(group))
                || !year.occurrences(group, new Days(day, day)).isEmpty()) return;
        throw question(
                "off-timetable",
                "onDate",
                "The class has no lesson in the timetable on %s. Move it there all the same?".formatted(words));
    }

    /**
     * Asks if the class or the place is taken then.
     *
     * @throws FoundException with the question
     */
    @Transactional(readOnly = true)
    public void askAboutPlace(LessonRow lesson) {
        LocalTime starts = lesson.starts();
        if (starts == null) return;
        LocalTime ends = starts.plusMinutes(lesson.minutes());
        booked(calendars.year(), lesson.spaceId(), lesson.onDate(), starts, ends)
                .ifPresent(title -> {
                    throw question(
                            "place-taken",
                            "spaceId",
                            "The place is taken then: %s. Go there all the same?".formatted(title));
                });
        for (LessonRow other : store.lessonsOn(lesson.onDate())) {
            LocalTime begins = other.starts();
            if (other.id().equals(lesson.id()) || begins == null || other.isLost()) continue;
            boolean together = starts.isBefore(begins.plusMinutes(other.minutes())) && begins.isBefore(ends);
            if (together && other.spaceId().equals(lesson.spaceId()))
                throw question(
                        "place-taken", "spaceId", "Another lesson is in this place at %s. Share it?".formatted(begins));
        }
    }

    private static FoundException question(String rule, String where, String message) {
        return new FoundException(new Findings(List.of(new Finding(rule, where, message))));
    }
}
