package io.isokinet.core.calendar;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * When a school teaches: terms, closures, its timetable, and what others have booked.
 *
 * @param weekStarts the first day of a week: A and B weeks change on it
 */
public record SchoolYear(
        DayOfWeek weekStarts, List<Term> terms, List<Closure> closures, List<Slot> slots, List<Booking> bookings) {
    private static final int HALF_A_YEAR = 6;

    public SchoolYear {
        terms = terms.stream()
                .sorted(Comparator.comparing(t -> t.days().first()))
                .toList();
        closures = List.copyOf(closures);
        slots = List.copyOf(slots);
        bookings = List.copyOf(bookings);
    }

    /** The term a day is in. */
    public Optional<Term> term(LocalDate day) {
        return terms.stream().filter(t -> t.days().contains(day)).findFirst();
    }

    /** From the first day of the first term to the last of the last; half a year to both sides of a day where there are no terms. */
    public Days whole(LocalDate around) {
        return terms.isEmpty()
                ? new Days(around.minusMonths(HALF_A_YEAR), around.plusMonths(HALF_A_YEAR))
                : new Days(
                        terms.get(0).days().first(),
                        terms.get(terms.size() - 1).days().last());
    }

    /** A or B in a term, from its first week on; every week outside terms. */
    public Weeks week(LocalDate day) {
        return term(day)
                .map(t -> ChronoUnit.WEEKS.between(start(t.days().first()), start(day)) % 2 == 0 ? Weeks.A : Weeks.B)
                .orElse(Weeks.EVERY);
    }

    /** The first day of a day's week. */
    public LocalDate start(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(weekStarts));
    }

    /** The slots of a class on the days, off ones included, in order. */
    public List<Occurrence> occurrences(String group, Days days) {
        return occurrences(slots.stream().filter(s -> s.group().equals(group)), days);
    }

    /** Every slot on the days, off ones included, in order. */
    public List<Occurrence> occurrences(Days days) {
        return occurrences(slots.stream(), days);
    }

    private List<Occurrence> occurrences(Stream<Slot> of, Days days) {
        List<Slot> wanted = of.toList();
        return days.first()
                .datesUntil(days.last().plusDays(1))
                .flatMap(
                        day -> wanted.stream().filter(s -> falls(s, day)).map(s -> new Occurrence(s, day, off(day, s))))
                .sorted(Comparator.comparing(Occurrence::day)
                        .thenComparing(o -> o.slot().starts()))
                .toList();
    }

    private boolean falls(Slot slot, LocalDate day) {
        return slot.day() == day.getDayOfWeek()
                && term(day).isPresent()
                && slot.weeks().meets(week(day));
    }

    private @Nullable String off(LocalDate day, Slot slot) {
        for (Closure closure : closures) if (closure.closes(day, slot.ends())) return closure.name();
        for (Booking booking : bookings)
            if (booking.takes(slot.place(), day, slot.starts(), slot.ends())) return "taken: " + booking.title();
        return null;
    }

    /** Why a day is no school day, or empty if it is one. Without any term every day is one. */
    public Optional<String> closed(LocalDate day) {
        for (Closure closure : closures)
            if (closure.from() == null && closure.days().contains(day)) return Optional.of(closure.name());
        if (!terms.isEmpty() && term(day).isEmpty()) return Optional.of("outside the terms");
        return Optional.empty();
    }

    /** Terms that overlap, and lessons of one class, or of one place, at one time. */
    public Findings check() {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < terms.size(); i++)
            for (Term other : terms.subList(i + 1, terms.size()))
                if (terms.get(i).days().overlaps(other.days()))
                    found.add(new Finding(
                            "terms-apart",
                            other.name(),
                            "It starts on %s, before %s ends on %s. Change one of the two days."
                                    .formatted(
                                            other.days().first(),
                                            terms.get(i).name(),
                                            terms.get(i).days().last())));
        for (int i = 0; i < slots.size(); i++)
            for (Slot other : slots.subList(i + 1, slots.size())) {
                Slot slot = slots.get(i);
                if (!slot.clashes(other)) continue;
                if (slot.group().equals(other.group()))
                    found.add(new Finding(
                            "one-lesson-at-a-time",
                            other.key(),
                            "The class has another lesson then, from %s to %s. Change one of the two."
                                    .formatted(slot.starts(), slot.ends())));
                else if (slot.place().equals(other.place()))
                    found.add(new Finding(
                            "place-shared",
                            other.key(),
                            "Two classes are in one place from %s to %s. Is it shared between them? Then plan each for its half."
                                    .formatted(
                                            slot.starts().isAfter(other.starts()) ? slot.starts() : other.starts(),
                                            slot.ends().isBefore(other.ends()) ? slot.ends() : other.ends())));
            }
        return new Findings(found);
    }
}
