package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Which lessons a device is made ready for. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class HallDaysTest {
    private final TestSchool school = TestSchool.make();
    private final LocalDate today = TestClock.today();

    /** A unit of four lessons, whose dates are then moved to these days from today on. */
    private void lessons(int... days) {
        UUID unit = school.unit(school.schoolClass("Terns", 7, TestSchool.names(12)), 4, 30);
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        // From the last one on, so that none passes another.
        for (int i = days.length - 1; i >= 0; i--) {
            Caller.Answer moved = school.as.post(
                    "/api/lessons/" + lessons.get(i).get("id").asString() + "/changes",
                    Map.of("kind", "MOVED", "onDate", today.plusDays(days[i]).toString(), "anyway", true));
            assertThat(moved.status()).as(moved.body()).isEqualTo(200);
        }
    }

    private List<String> days() {
        return school.as
                .get("/api/hall")
                .json()
                .valueStream()
                .map(l -> l.get("onDate").asString())
                .toList();
    }

    private String day(int ahead) {
        return today.plusDays(ahead).toString();
    }

    @Test
    void todayAndTheNextTwoDaysThatHaveLessonsAreMadeReady() {
        lessons(0, 2, 11, 30);
        assertThat(days()).containsExactly(day(0), day(2), day(11));
    }

    /** On a Sunday evening, or over the holidays, the next lessons are there. */
    @Test
    void aDayWithoutLessonsMakesTheNextOnesReady() {
        lessons(1, 20, 50, 58);
        assertThat(days()).containsExactly(day(1), day(20));
    }

    @Test
    void whatIsLostIsNotTaughtAndNotListed() {
        lessons(0, 1, 2, 3);
        String first = school.as.get("/api/hall").json().get(0).get("lesson").asString();
        school.as.post("/api/lessons/" + first + "/changes", Map.of("kind", "LOST", "rest", "SQUEEZE", "anyway", true));
        assertThat(days()).containsExactly(day(1), day(2));
    }
}
