package io.isokinet.core.year;

import io.isokinet.core.calendar.Closure;
import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.calendar.Term;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * A part of the school year in which a class stays with its skills: a term, or what a holiday in its middle leaves of it.
 *
 * @param name of the term, with its half where there are two
 */
public record HalfTerm(String name, Days days) {
    /** So many school days off in a row part a term; a training day or a long weekend does not. */
    private static final int HOLIDAY_DAYS = 4;

    private static final Set<DayOfWeek> WEEKEND = Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);

    /** Whole weeks, begun ones counted. */
    public int weeks() {
        return (int) (days.count() + 6) / 7;
    }

    /** Those of a year, in order; one a term where no holiday lies in it. */
    public static List<HalfTerm> of(SchoolYear year) {
        List<HalfTerm> halves = new ArrayList<>();
        for (Term term : year.terms()) {
            List<Days> parts = parts(term.days(), year.closures());
            for (int i = 0; i < parts.size(); i++)
                halves.add(new HalfTerm(
                        parts.size() == 1 ? term.name() : "%s, %d of %d".formatted(term.name(), i + 1, parts.size()),
                        parts.get(i)));
        }
        return halves;
    }

    private static List<Days> parts(Days term, List<Closure> closures) {
        List<Days> parts = new ArrayList<>();
        LocalDate from = term.first();
        List<Days> holidays = closures.stream()
                .filter(c -> c.from() == null && c.days().overlaps(term) && schoolDays(c.days()) >= HOLIDAY_DAYS)
                .map(Closure::days)
                .sorted(Comparator.comparing(Days::first))
                .toList();
        for (Days off : holidays) {
            LocalDate last = off.first().minusDays(1);
            if (ChronoUnit.DAYS.between(from, last) >= 7
                    && off.last().isBefore(term.last().minusDays(7))) {
                parts.add(new Days(from, last));
                from = off.last().plusDays(1);
            }
        }
        parts.add(new Days(from, term.last()));
        return parts;
    }

    private static long schoolDays(Days days) {
        return days.first()
                .datesUntil(days.last().plusDays(1))
                .filter(d -> !WEEKEND.contains(d.getDayOfWeek()))
                .count();
    }
}
