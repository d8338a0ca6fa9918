package io.isokinet.core.year;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.calendar.Closure;
import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.calendar.Term;
import io.isokinet.core.year.YearProposal.ClassYear;
import io.isokinet.core.year.YearProposal.Entry;
import io.isokinet.core.year.YearProposal.Outcome;
import io.isokinet.core.year.YearProposal.Skill;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class YearTest {
    private static Days days(String first, String last) {
        return new Days(LocalDate.parse(first), LocalDate.parse(last));
    }

    /** As a school in England had it in 2026: terms parted by a week off, a training day within (common practice, no source). */
    @Test
    void aHolidayPartsATermAndATrainingDayDoesNot() {
        SchoolYear year = new SchoolYear(
                DayOfWeek.MONDAY,
                List.of(
                        new Term("Herring term", days("2026-09-07", "2026-12-18")),
                        new Term("Lent term", days("2027-01-04", "2027-03-26"))),
                List.of(
                        new Closure("half-term", days("2026-10-26", "2026-10-30"), null),
                        new Closure("training", days("2026-11-23", "2026-11-23"), null),
                        new Closure("concert", days("2027-02-15", "2027-02-19"), java.time.LocalTime.NOON)),
                List.of(),
                List.of());
        assertThat(HalfTerm.of(year))
                .containsExactly(
                        new HalfTerm("Herring term, 1 of 2", days("2026-09-07", "2026-10-25")),
                        new HalfTerm("Herring term, 2 of 2", days("2026-10-31", "2026-12-18")),
                        new HalfTerm("Lent term", days("2027-01-04", "2027-03-26")));
        assertThat(HalfTerm.of(year).get(0).weeks()).isEqualTo(7);
    }

    private static final List<Skill> KNOWN = List.of(
            new Skill("run", "Run", "travel"),
            new Skill("hop", "Hop", "travel"),
            new Skill("roll", "Roll", "send"),
            new Skill("catch", "Catch", "receive"),
            new Skill("kick", "Kick", "send"));
    private static final List<Outcome> OUTCOMES = List.of(
            new Outcome("A", Set.of("run", "hop")),
            new Outcome("B", Set.of("roll", "kick")),
            new Outcome("C", Set.of("catch")),
            new Outcome("D", Set.of("kick")));

    private static ClassYear empty(String key, int age, int... lessons) {
        List<Integer> all = java.util.Arrays.stream(lessons).boxed().toList();
        return new ClassYear(
                key, age, all, all.stream().map(l -> List.<String>of()).toList(), OUTCOMES);
    }

    @Test
    void everyOutcomeIsReachedAndClassesOfOneAgeShareALayout() {
        List<Entry> entries = YearProposal.of(
                List.of(empty("terns", 7, 6, 6, 4), empty("auks", 7, 6, 6, 4), empty("dunlins", 5, 6, 6, 6)), KNOWN);
        assertThat(entries).hasSize(9);
        for (int half = 0; half < 3; half++) {
            int at = half;
            assertThat(entries.stream()
                            .filter(e -> e.half() == at && !e.schoolClass().equals("dunlins")))
                    .extracting(Entry::skills)
                    .containsOnly(entries.stream()
                            .filter(e -> e.half() == at && e.schoolClass().equals("terns"))
                            .findFirst()
                            .orElseThrow()
                            .skills());
        }
        List<Entry> terns =
                entries.stream().filter(e -> e.schoolClass().equals("terns")).toList();
        // Kick serves two outcomes; a second skill where there are lessons for it, of another kind.
        assertThat(terns.get(0).skills()).first().isEqualTo("kick");
        assertThat(terns.get(0).skills()).hasSize(2);
        assertThat(terns.get(0).why()).startsWith("Brings in ").contains("B", "D");
        assertThat(terns.get(2).skills()).hasSize(1);
        Set<String> had = new HashSet<>();
        terns.forEach(e -> had.addAll(e.skills()));
        assertThat(YearProposal.lacks(OUTCOMES, had)).isEmpty();
    }

    @Test
    void whatIsThereStaysAndServesTheOthersOfTheAge() {
        ClassYear terns = new ClassYear("terns", 7, List.of(6, 6), List.of(List.of("hop"), List.of()), OUTCOMES);
        List<Entry> entries = YearProposal.of(List.of(terns, empty("auks", 7, 4, 0)), KNOWN);
        assertThat(entries)
                .extracting(Entry::schoolClass, Entry::half)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("auks", 0),
                        org.assertj.core.groups.Tuple.tuple("terns", 1));
        assertThat(entries.get(0).skills()).containsExactly("hop");
        assertThat(entries.get(1).skills()).doesNotContain("hop");
    }

    @Test
    void whereNothingIsAskedNothingIsProposed() {
        ClassYear free = new ClassYear("terns", 7, List.of(6), List.of(List.of()), List.of());
        assertThat(YearProposal.of(List.of(free), KNOWN)).isEmpty();
        assertThat(YearProposal.of(List.of(), KNOWN)).isEmpty();
    }
}
