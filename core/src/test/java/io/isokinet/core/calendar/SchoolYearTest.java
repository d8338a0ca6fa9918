package io.isokinet.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Dates and weekdays are those of the calendar: 1 September 2026 is a Tuesday. Timetables are made up. */
class SchoolYearTest {
    private static final LocalDate SEPTEMBER = LocalDate.of(2026, 9, 1);
    private static final Term AUTUMN = new Term("Autumn", new Days(SEPTEMBER, LocalDate.of(2026, 10, 23)));
    private static final Term WINTER =
            new Term("Winter", new Days(LocalDate.of(2026, 11, 2), LocalDate.of(2026, 12, 18)));

    private static Slot slot(String group, DayOfWeek day, Weeks weeks, String starts, int minutes, String place) {
        return new Slot(group + day + weeks + starts, group, day, weeks, LocalTime.parse(starts), minutes, place);
    }

    private static SchoolYear year(
            DayOfWeek weekStarts, List<Closure> closures, List<Booking> bookings, Slot... slots) {
        return new SchoolYear(weekStarts, List.of(WINTER, AUTUMN), closures, List.of(slots), bookings);
    }

    private static SchoolYear year(Slot... slots) {
        return year(DayOfWeek.MONDAY, List.of(), List.of(), slots);
    }

    private static List<LocalDate> days(SchoolYear year, String group, Days days) {
        return year.occurrences(group, days).stream().map(Occurrence::day).toList();
    }

    @Test
    void aWeeklyLessonIsOnItsDayInEveryWeekOfATermAndInNoHoliday() {
        SchoolYear year = year(slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "09:00", 45, "hall"));
        List<LocalDate> fridays = days(year, "Terns", new Days(SEPTEMBER, LocalDate.of(2026, 12, 31)));
        assertThat(fridays).hasSize(8 + 7);
        assertThat(fridays).startsWith(LocalDate.of(2026, 9, 4)).doesNotContain(LocalDate.of(2026, 10, 30));
        assertThat(fridays).endsWith(LocalDate.of(2026, 12, 18));
        assertThat(days(year, "Gulls", AUTUMN.days())).isEmpty();
    }

    @Test
    void everyTermBeginsWithAnAWeekEvenInTheMiddleOfAWeek() {
        SchoolYear year = year(
                slot("Terns", DayOfWeek.FRIDAY, Weeks.A, "09:00", 45, "hall"),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.B, "11:00", 45, "hall"));
        assertThat(year.week(SEPTEMBER)).isEqualTo(Weeks.A);
        assertThat(year.week(LocalDate.of(2026, 9, 7))).isEqualTo(Weeks.B);
        assertThat(year.week(LocalDate.of(2026, 11, 2))).isEqualTo(Weeks.A);
        assertThat(year.week(LocalDate.of(2026, 10, 28))).isEqualTo(Weeks.EVERY);
        List<Occurrence> two = year.occurrences("Terns", new Days(SEPTEMBER, LocalDate.of(2026, 9, 11)));
        assertThat(two).extracting(o -> o.slot().starts()).containsExactly(LocalTime.of(9, 0), LocalTime.of(11, 0));
    }

    /** Where a week starts on Sunday, the Sunday after the first week is in the second. */
    @Test
    void aWeekThatStartsOnSundayChangesOnSunday() {
        LocalDate sunday = LocalDate.of(2026, 9, 6);
        assertThat(year(DayOfWeek.SUNDAY, List.of(), List.of()).week(sunday)).isEqualTo(Weeks.B);
        assertThat(year(DayOfWeek.MONDAY, List.of(), List.of()).week(sunday)).isEqualTo(Weeks.A);
        assertThat(year(DayOfWeek.SUNDAY, List.of(), List.of()).start(sunday)).isEqualTo(sunday);
        assertThat(year(DayOfWeek.SATURDAY, List.of(), List.of()).start(sunday)).isEqualTo(sunday.minusDays(1));
    }

    @Test
    void aClosureTakesItsDaysAndSaysWhy() {
        LocalDate day = LocalDate.of(2026, 9, 11);
        SchoolYear year = year(
                DayOfWeek.MONDAY,
                List.of(new Closure("Regatta", new Days(day, day), null)),
                List.of(),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "09:00", 45, "hall"));
        List<Occurrence> fridays = year.occurrences("Terns", new Days(SEPTEMBER, LocalDate.of(2026, 9, 18)));
        assertThat(fridays).extracting(Occurrence::open).containsExactly(true, false, true);
        assertThat(fridays.get(1).off()).isEqualTo("Regatta");
        assertThat(year.closed(day)).contains("Regatta");
        assertThat(year.closed(LocalDate.of(2026, 10, 28))).contains("outside the terms");
        assertThat(year.closed(day.plusDays(7))).isEmpty();
    }

    /** A day that ends at noon takes the lesson that would end after noon, and not the one that ends on the stroke. */
    @Test
    void aShortDayTakesOnlyWhatEndsAfterIt() {
        LocalDate day = LocalDate.of(2026, 9, 11);
        SchoolYear year = year(
                DayOfWeek.MONDAY,
                List.of(new Closure("Half day", new Days(day, day), LocalTime.NOON)),
                List.of(),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "11:15", 45, "hall"),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "11:16", 45, "yard"));
        assertThat(year.occurrences(new Days(day, day)))
                .extracting(Occurrence::open)
                .containsExactly(true, false);
        assertThat(year.closed(day)).isEmpty();
    }

    @Test
    void aBookingTakesThePlaceForAsLongAsItLastsAndNoLonger() {
        LocalDate day = LocalDate.of(2026, 9, 11);
        Booking club = new Booking("Chess", "hall", day.atTime(9, 45), day.atTime(10, 30));
        SchoolYear year = year(
                DayOfWeek.MONDAY,
                List.of(),
                List.of(club),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "09:00", 45, "hall"),
                slot("Gulls", DayOfWeek.FRIDAY, Weeks.EVERY, "10:00", 45, "hall"),
                slot("Auks", DayOfWeek.FRIDAY, Weeks.EVERY, "10:00", 45, "yard"));
        assertThat(year.occurrences(new Days(day, day)).stream()
                        .filter(o -> !o.open())
                        .map(o -> o.slot().group() + ", " + o.off()))
                .containsExactly("Gulls, taken: Chess");
    }

    @Test
    void termsThatOverlapAreFound() {
        Term late = new Term("Late", new Days(LocalDate.of(2026, 10, 23), LocalDate.of(2026, 10, 30)));
        SchoolYear year = new SchoolYear(DayOfWeek.MONDAY, List.of(AUTUMN, late), List.of(), List.of(), List.of());
        assertThat(year.check().text())
                .isEqualTo(
                        "Late: It starts on 2026-10-23, before Autumn ends on 2026-10-23. Change one of the two days.");
        assertThat(year(/* two terms that only follow each other */ ).check().isEmpty())
                .isTrue();
    }

    @Test
    void aClassIsInOneLessonAtATimeAndASharedPlaceIsAskedAbout() {
        SchoolYear year = year(
                slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "09:00", 45, "hall"),
                slot("Terns", DayOfWeek.FRIDAY, Weeks.A, "09:44", 45, "yard"),
                slot("Gulls", DayOfWeek.FRIDAY, Weeks.EVERY, "09:30", 30, "hall"),
                slot("Auks", DayOfWeek.FRIDAY, Weeks.EVERY, "10:00", 30, "hall"));
        assertThat(year.check().all()).extracting("rule").containsExactly("one-lesson-at-a-time", "place-shared");
        assertThat(year.check().all().get(1).message()).contains("from 09:30 to 09:45");
    }

    @Test
    void lessonsThatOnlyTouchOrAreInDifferentWeeksDoNotClash() {
        Slot first = slot("Terns", DayOfWeek.FRIDAY, Weeks.A, "09:00", 45, "hall");
        assertThat(first.clashes(slot("Terns", DayOfWeek.FRIDAY, Weeks.A, "09:45", 45, "hall")))
                .isFalse();
        assertThat(first.clashes(slot("Terns", DayOfWeek.FRIDAY, Weeks.B, "09:00", 45, "hall")))
                .isFalse();
        assertThat(first.clashes(slot("Terns", DayOfWeek.MONDAY, Weeks.A, "09:00", 45, "hall")))
                .isFalse();
        assertThat(first.clashes(slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "08:30", 31, "hall")))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(ints = {-5, 0, 9, 121, 1500})
    void aLessonHasTenToAHundredAndTwentyMinutes(int minutes) {
        assertThatThrownBy(() -> slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "09:00", minutes, "hall"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("10 to 120 minutes");
    }

    @Test
    void aLessonDoesNotGoPastMidnight() {
        assertThatThrownBy(() -> slot("Terns", DayOfWeek.FRIDAY, Weeks.EVERY, "23:30", 30, "hall"))
                .hasMessageContaining("goes past midnight");
    }

    /** The sum that a teacher makes by hand; walking counts there and back. Common practice. */
    @ParameterizedTest
    @CsvSource({"45,2,6,1,34", "30,0,0,0,30", "20,5,10,2,0", "35,2,0,1,30"})
    void usableMinutesAreWhatWalkingChangingAndShoesLeave(
            int timetabled, int walking, int changing, int shoes, int left) {
        UsableMinutes usable = UsableMinutes.of(timetabled, walking, changing, shoes);
        assertThat(usable.minutes()).isEqualTo(left);
        assertThat(usable.reason())
                .startsWith(timetabled + " min in the timetable")
                .endsWith(left + " to teach in.");
    }

    @Test
    void usableMinutesNameWhatIsTakenOff() {
        assertThat(UsableMinutes.of(45, 2, 6, 1).reason())
                .isEqualTo(
                        "45 min in the timetable, less 4 for walking there and back, 6 for changing, 1 for shoes: 34 to teach in.");
        assertThat(UsableMinutes.of(30, 0, 0, 0).reason())
                .isEqualTo("30 min in the timetable, nothing taken off: 30 to teach in.");
    }

    /** Five lessons, the third is lost: the plans of the third to the fifth go along, the last one to a new date. */
    @Test
    void plansMoveAlongFromALostDateOn() {
        assertThat(Reshuffle.along(5, Set.of(2))).containsExactly(0, 1, 3, 4, 5);
        assertThat(Reshuffle.along(1, Set.of(0))).containsExactly(1);
        assertThatThrownBy(() -> Reshuffle.along(3, Set.of(3))).hasMessageContaining("has 3 lessons");
    }

    /** The second of six is lost and the fourth and fifth are in a holiday: the rest go round it, and three new dates are needed. */
    @Test
    void plansNeverMoveToALostDate() {
        assertThat(Reshuffle.along(6, Set.of(1, 3, 4))).containsExactly(0, 2, 5, 6, 7, 8);
        assertThat(Reshuffle.along(3, Set.of(0, 1, 2))).containsExactly(3, 4, 5);
    }

    @Test
    void daysInAWrongOrderAreRefused() {
        assertThatThrownBy(() -> new Days(SEPTEMBER, SEPTEMBER.minusDays(1))).hasMessageContaining("Maybe swap them?");
        assertThat(AUTUMN.days().count()).isEqualTo(53);
        assertThat(AUTUMN.days().overlaps(WINTER.days())).isFalse();
    }

    @Test
    void theWholeYearGoesFromTheFirstTermToTheLast() {
        LocalDate day = LocalDate.of(2026, 11, 26);
        assertThat(year().whole(day))
                .isEqualTo(new Days(AUTUMN.days().first(), WINTER.days().last()));
        SchoolYear none = new SchoolYear(DayOfWeek.MONDAY, List.of(), List.of(), List.of(), List.of());
        assertThat(none.whole(day)).isEqualTo(new Days(LocalDate.of(2026, 5, 26), LocalDate.of(2027, 5, 26)));
    }
}
