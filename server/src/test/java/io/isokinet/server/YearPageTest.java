package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The school year on a page: half terms, skills, what is lacking, and a first proposal. */
@ExtendWith(RunningServer.class)
class YearPageTest {
    /** Ten weeks ago a term began; four weeks ago there was a week off in it. */
    private static final LocalDate FIRST = TestClock.today()
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
            .minusWeeks(10);

    private static final LocalDate OFF = FIRST.plusWeeks(6);
    private static final LocalDate SECOND = OFF.plusDays(5);
    private static final LocalDate LAST = FIRST.plusWeeks(16).plusDays(4);

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID auks = school.schoolClass("Auks", 7, TestSchool.names(20));
    private final UUID hall = school.hall();

    YearPageTest() {
        put("/api/calendar/terms/", Map.of("name", "Herring term", "first", FIRST.toString(), "last", LAST.toString()));
        put(
                "/api/calendar/closures/",
                Map.of(
                        "name",
                        "half-term",
                        "first",
                        OFF.toString(),
                        "last",
                        OFF.plusDays(4).toString()));
        for (UUID group : List.of(terns, auks))
            put(
                    "/api/calendar/slots/",
                    Map.of(
                            "classId",
                            group,
                            "day",
                            "MONDAY",
                            "weeks",
                            "EVERY",
                            "starts",
                            group.equals(terns) ? "09:00" : "10:00",
                            "minutes",
                            40,
                            "spaceId",
                            hall));
    }

    private void put(String path, Map<String, ?> body) {
        assertThat(school.as.put(path + UUID.randomUUID(), body).status()).isEqualTo(200);
    }

    private JsonNode year() {
        return school.as.get("/api/year").json();
    }

    private JsonNode classYear(String name) {
        for (JsonNode c : year().get("classes")) if (c.get("name").asString().equals(name)) return c;
        throw new AssertionError(name);
    }

    private Caller.Answer set(UUID group, LocalDate from, String... skills) {
        return school.as.put("/api/classes/" + group + "/year/" + from, Map.of("skills", List.of(skills)));
    }

    @Test
    void aHalfTermTakesSkillsAndTheYearSaysWhatItLacks() {
        assertThat(year().get("halves").findValuesAsString("from"))
                .containsExactly(FIRST.toString(), SECOND.toString());
        int lacking = classYear("Terns").get("lacks").size();
        assertThat(lacking).isPositive();
        assertThat(set(terns, SECOND, "underarm-roll", "hop").status()).isEqualTo(200);
        JsonNode cell = classYear("Terns").get("cells").get(1);
        assertThat(cell.get("lessons").asInt()).isEqualTo(10);
        assertThat(cell.get("skills").findValuesAsString("name")).containsExactly("Underarm roll", "Hop");
        assertThat(classYear("Terns").get("lacks").size()).isLessThan(lacking);
        assertThat(year().get("shared")).isEmpty();
        set(auks, SECOND, "hop");
        JsonNode shared = year().get("shared").get(0);
        assertThat(shared.get("skill").asString()).isEqualTo("Hop");
        assertThat(shared.get("classes").toString()).contains("Terns", "Auks");
        assertThat(shared.get("places")).hasSize(1);
        set(terns, SECOND);
        assertThat(classYear("Terns").get("lacks")).hasSize(lacking);
    }

    @Test
    void whatIsNoHalfTermOrNoSkillIsRefusedInPlainWords() {
        assertThat(set(terns, FIRST.plusDays(1), "hop").findings().get(0)).contains("first day of a half term");
        assertThat(set(terns, FIRST, "flying").findings().get(0)).contains("skills that are known");
        assertThat(set(terns, FIRST, "hop", "hop").findings().get(0)).contains("named once");
        assertThat(classYear("Terns").get("cells").get(0).get("skills")).isEmpty();
    }

    @Test
    void aProposalFillsWhatIsEmptyAndWritesNothingDown() {
        set(terns, SECOND, "hop");
        JsonNode proposed = school.as.get("/api/year/proposal").json();
        // The first half term is over by now.
        assertThat(proposed.findValuesAsString("className")).containsExactly("Auks");
        for (JsonNode p : proposed) {
            assertThat(p.get("why").asString()).endsWith(".");
            assertThat(p.get("skills").findValuesAsString("key")).contains("hop");
        }
        assertThat(classYear("Auks").get("cells").get(0).get("skills")).isEmpty();
    }

    @Test
    void itIsPaperATableAndACalendar() {
        set(terns, FIRST, "hop");
        assertThat(school.as.get("/api/year/paper").body()).startsWith("%PDF-");
        assertThat(school.as.get("/api/year/table.csv").body()).contains("Terns", "Herring term, 1 of 2", "Hop");
        assertThat(school.as.get("/api/year/year.ics").body())
                .contains("SUMMARY:Terns: Hop", "DTSTART;VALUE=DATE:" + FIRST.format(DateTimeFormatter.BASIC_ISO_DATE));
    }
}
