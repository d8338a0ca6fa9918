package io.isokinet.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.check.Finding;
import io.isokinet.server.calendar.TimetableText.Entry;
import java.time.DayOfWeek;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;

class TimetableTextTest {
    @Test
    void aGridHasDaysAcrossAndTimesDown() {
        TimetableText.Read read =
                TimetableText.read("\tMon\tTue\tWednesday\n9:10-9:40\tTerns\t\tAuks (B)\n10.15\t\tGulls\t\n", 45);
        assertThat(read.findings()).isEmpty();
        assertThat(read.entries())
                .containsExactly(
                        new Entry(2, "Terns", DayOfWeek.MONDAY, Weeks.EVERY, LocalTime.of(9, 10), 30, null),
                        new Entry(2, "Auks", DayOfWeek.WEDNESDAY, Weeks.B, LocalTime.of(9, 10), 30, null),
                        new Entry(3, "Gulls", DayOfWeek.TUESDAY, Weeks.EVERY, LocalTime.of(10, 15), 45, null));
    }

    @Test
    void aListHasALessonALineInAnyOrder() {
        TimetableText.Read read = TimetableText.read(
                "Class;Day;Time;Minutes;Place\nTerns;Monday;9:10;30;Hall\nfri, 11:00 - 11:45, Sand Martins\n", 40);
        assertThat(read.findings()).isEmpty();
        assertThat(read.entries())
                .containsExactly(
                        new Entry(2, "Terns", DayOfWeek.MONDAY, Weeks.EVERY, LocalTime.of(9, 10), 30, "Hall"),
                        new Entry(3, "Sand Martins", DayOfWeek.FRIDAY, Weeks.EVERY, LocalTime.of(11, 0), 45, null));
    }

    @Test
    void whatIsNotUnderstoodIsSaidLineByLine() {
        TimetableText.Read read =
                TimetableText.read("Terns, Mon, 9:10\nTerns, 9:10\nAuks, Tue, 25:00\nGulls, Wed, 9:00-9:05", 30);
        assertThat(read.entries()).hasSize(1);
        assertThat(read.findings()).extracting(Finding::where).containsExactly("line 2", "line 3", "line 4");
        assertThat(read.findings().get(0).message()).contains("Needs a class, a day and a time");
        assertThat(read.findings().get(1).message()).contains("no time of day");
        assertThat(read.findings().get(2).message()).contains("Makes 5 minutes");
    }
}
