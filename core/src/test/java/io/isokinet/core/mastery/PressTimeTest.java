package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.mastery.PressTime.Doubt;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

/** Cases by hand: what a tablet's clock does between a press and its sending. */
class PressTimeTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final LocalDate LESSON = LocalDate.of(2026, 11, 27);
    private static final Instant TRUE_PRESS = Instant.parse("2026-11-27T10:15:00Z");
    private static final Instant ARRIVED = Instant.parse("2026-11-27T10:20:00Z");

    private static PressTime of(String pressed, String sent, Instant received) {
        return PressTime.of(Instant.parse(pressed), Instant.parse(sent), received, LESSON, LONDON);
    }

    @Test
    void aRightClockIsBelievedToTheSecond() {
        assertThat(of("2026-11-27T10:15:00Z", "2026-11-27T10:20:00.400Z", ARRIVED))
                .isEqualTo(new PressTime(TRUE_PRESS, null));
    }

    @Test
    void aClockThatIsWrongAllTheTimeIsCorrected() {
        assertThat(of("2019-01-01T00:00:00Z", "2019-01-01T00:05:00Z", ARRIVED))
                .isEqualTo(new PressTime(TRUE_PRESS, null));
        assertThat(of("2031-06-01T08:00:00Z", "2031-06-01T08:05:00Z", ARRIVED))
                .isEqualTo(new PressTime(TRUE_PRESS, null));
    }

    @Test
    void aClockSetForwardBetweenFilesUnderTheLesson() {
        PressTime year = of("2025-11-27T10:15:00Z", "2026-11-27T10:20:00Z", ARRIVED);
        assertThat(year.doubt()).isEqualTo(Doubt.FAR_FROM_LESSON);
        // Noon has not come yet: never later than it arrived.
        assertThat(year.at()).isEqualTo(ARRIVED);
        PressTime evening = of("0001-01-01T00:00:00Z", "2026-11-27T18:00:00Z", Instant.parse("2026-11-27T18:00:00Z"));
        assertThat(evening).isEqualTo(new PressTime(Instant.parse("2026-11-27T12:00:00Z"), Doubt.FAR_FROM_LESSON));
    }

    @Test
    void aClockSetBackBetweenFilesUnderTheLesson() {
        PressTime back = of("2027-11-27T10:15:00Z", "2026-11-27T10:20:00Z", Instant.parse("2026-11-28T09:00:00Z"));
        assertThat(back).isEqualTo(new PressTime(Instant.parse("2026-11-27T12:00:00Z"), Doubt.AFTER_SENDING));
    }

    @Test
    void aLessonHeldWeeksLateIsBelievedWhereItGoesOutAtOnce() {
        Instant late = Instant.parse("2027-01-20T10:15:00Z");
        assertThat(of("2027-01-20T10:15:00Z", "2027-01-20T10:16:00Z", late.plus(Duration.ofMinutes(1))))
                .isEqualTo(new PressTime(late, null));
    }

    @Test
    void aTabletThatLayInADrawerOverTheHolidaysIsBelieved() {
        assertThat(of("2026-11-27T10:15:00Z", "2027-01-11T08:00:00Z", Instant.parse("2027-01-11T08:00:00Z")))
                .isEqualTo(new PressTime(TRUE_PRESS, null));
    }

    @Test
    void theEdgesOfTheDaysAroundALesson() {
        Instant received = Instant.parse("2027-03-01T08:00:00Z");
        assertThat(of("2026-12-11T10:00:00Z", "2027-03-01T08:00:00Z", received).doubt())
                .isNull();
        assertThat(of("2026-12-12T10:00:00Z", "2027-03-01T08:00:00Z", received).doubt())
                .isEqualTo(Doubt.FAR_FROM_LESSON);
    }

    @Test
    void withoutALessonItsArrivalIsItsDay() {
        PressTime old = PressTime.of(Instant.parse("2026-01-01T00:00:00Z"), ARRIVED, ARRIVED, null, LONDON);
        assertThat(old).isEqualTo(new PressTime(ARRIVED, Doubt.LONG_AGO));
        Instant weeks = ARRIVED.minus(Duration.ofDays(60));
        assertThat(PressTime.of(weeks, ARRIVED, ARRIVED, null, LONDON)).isEqualTo(new PressTime(weeks, null));
    }

    @Test
    void theDayIsTheSchoolsAlsoNearMidnight() {
        ZoneId auckland = ZoneId.of("Pacific/Auckland");
        Instant sent = Instant.parse("2026-12-20T00:00:00Z");
        // 23:30 on 27 November by UTC is the 28th in Auckland, and noon there is 23:00 UTC of the day before.
        PressTime far = PressTime.of(Instant.parse("2020-11-27T23:30:00Z"), sent, sent, LESSON, auckland);
        assertThat(far.at()).isEqualTo(Instant.parse("2026-11-26T23:00:00Z"));
    }
}
