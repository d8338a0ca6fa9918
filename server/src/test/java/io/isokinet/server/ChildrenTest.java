package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Where children come from and go to, and what becomes of what was seen of them. */
@ExtendWith(RunningServer.class)
class ChildrenTest {
    private static final String CUE = "underarm-roll/step";

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, "Ada Moss", "Ben Sole", "Cleo Reed");
    private final UUID auks = school.schoolClass("Auks", 8);
    private final LocalDate today = TestClock.today();
    private UUID ada;

    @BeforeEach
    void findAda() {
        ada = school.children(terns).get("Ada");
    }

    private JsonNode file(UUID child) {
        return school.as.get("/api/children/" + child).json();
    }

    private int trials(UUID child) {
        return school.as
                .get("/api/children/" + child + "/trials?cue=" + CUE)
                .json()
                .size();
    }

    @Test
    void aChildThatMovesTakesItsRecordsAlongAndHasTwoEnrolments() {
        school.record(List.of(school.trial(ada, CUE, true)));
        school.as.post("/api/children/" + ada + "/moves", Map.of("to", auks, "from", today.toString()));
        assertThat(school.children(terns)).doesNotContainKey("Ada");
        assertThat(school.children(auks)).containsEntry("Ada", ada);
        assertThat(trials(ada)).isEqualTo(1);
        assertThat(file(ada).get("child").get("yearAge").asInt()).isEqualTo(8);
        assertThat(school.as
                        .post("/api/children/" + ada + "/moves", Map.of("to", auks, "from", today.toString()))
                        .detail())
                .contains("in this class already");
    }

    /** A move next week leaves the class of today as it is. */
    @Test
    void aMoveOnALaterDayHoldsFromThatDayOn() {
        school.as.post(
                "/api/children/" + ada + "/moves",
                Map.of("to", auks, "from", today.plusDays(7).toString()));
        assertThat(school.children(terns)).containsKey("Ada");
        assertThat(school.children(auks)).isEmpty();
        JsonNode enrolments = file(ada).get("enrolments");
        assertThat(enrolments.get(0).get("to").asString())
                .isEqualTo(today.plusDays(6).toString());
        assertThat(enrolments.get(1).get("from").asString())
                .isEqualTo(today.plusDays(7).toString());
    }

    @Test
    void aChildJoinsAndLeavesOnTheDaysThatAreSaid() {
        school.as.post(
                "/api/classes/" + terns + "/children",
                Map.of("names", List.of("Dora Wick"), "from", today.plusDays(3).toString()));
        assertThat(school.children(terns)).doesNotContainKey("Dora");
        school.as.delete("/api/classes/" + terns + "/children/" + ada + "?last=" + today);
        assertThat(school.children(terns)).containsKey("Ada");
        assertThat(file(ada).get("enrolments").get(0).get("to").asString()).isEqualTo(today.toString());
    }

    @Test
    void allClassesGoUpAYearInOneStepAndTheOldestLeave() {
        UUID leavers = school.schoolClass("Leavers", 11, "Edda Quay");
        Map<String, Object> form = Map.of("from", today.toString(), "leaving", List.of(leavers), "again", false);
        JsonNode moved = school.as.post("/api/school/move-up", form).json();
        assertThat(moved.get("classes").asInt()).isEqualTo(2);
        assertThat(moved.get("children").asInt()).isEqualTo(3);
        assertThat(moved.get("left").asInt()).isEqualTo(1);
        assertThat(file(ada).get("child").get("yearAge").asInt()).isEqualTo(8);
        assertThat(school.as.get("/api/classes").json().findValuesAsString("name"))
                .containsExactlyInAnyOrder("Terns", "Auks");
        assertThat(school.as.post("/api/school/move-up", form).detail()).contains("went up a year on " + today);
        Map<String, Object> again = new HashMap<>(form);
        again.put("leaving", List.of());
        again.put("again", true);
        assertThat(school.as.post("/api/school/move-up", again).status()).isEqualTo(200);
    }

    @Test
    void aClassOfTheLastYearCanOnlyLeaveAndNothingIsHalfDone() {
        school.schoolClass("Elders", 14, "Fay Rock");
        Caller.Answer refused = school.as.post(
                "/api/school/move-up", Map.of("from", today.toString(), "leaving", List.of(), "again", false));
        assertThat(refused.findings())
                .containsExactly("leaving: Elders is in the last year (age 14); it can only leave.");
        assertThat(file(ada).get("child").get("yearAge").asInt()).isEqualTo(7);
    }

    @Test
    void twoChildrenAreKeptTogetherOrApartUntilNobodyWishesItAnyMore() {
        UUID ben = school.children(terns).get("Ben");
        Map<String, Object> apart = Map.of("one", ada, "other", ben, "wish", "APART");
        JsonNode pairs =
                school.as.put("/api/classes/" + terns + "/pairs", apart).json();
        assertThat(pairs).hasSize(1);
        // Said from the other side it is the same pair.
        school.as.put("/api/classes/" + terns + "/pairs", Map.of("one", ben, "other", ada, "wish", "TOGETHER"));
        pairs = school.as.get("/api/classes/" + terns + "/pairs").json();
        assertThat(pairs).hasSize(1);
        assertThat(pairs.get(0).get("wish").asString()).isEqualTo("TOGETHER");
        assertThat(school.as
                        .put("/api/classes/" + terns + "/pairs", Map.of("one", ada, "other", ada, "wish", "APART"))
                        .detail())
                .contains("A pair needs two children");
        assertThat(school.as
                        .put("/api/classes/" + terns + "/pairs", Map.of("one", ada, "other", ben))
                        .json())
                .isEmpty();
    }

    private void rule(String erasedTrials) {
        JsonNode now = school.as.get("/api/school").json();
        Map<String, Object> form = new HashMap<>();
        for (String same : List.of("name", "timeZone", "yearNaming", "lengthUnit", "paceWhose", "weekStarts"))
            form.put(same, now.get(same).asString());
        form.put("paceCm", 75);
        form.put("ownYears", Map.of());
        form.put("cautions", List.of());
        form.put("erasedTrials", erasedTrials);
        Caller.Answer done = school.as.put(
                "/api/school", form, "If-Match", "\"" + now.get("version").asInt() + "\"");
        assertThat(done.status()).isEqualTo(200);
    }

    private long kept(String table) {
        return RunningServer.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
                .sql("select count(*) from " + table + " where school_id = ? and child_id = ?")
                .params(school.id, ada)
                .query(Long.class)
                .single();
    }

    @Test
    void anErasedChildLeavesItsTrialsWithoutAName() {
        school.record(List.of(school.trial(ada, CUE, true)));
        school.as.delete("/api/children/" + ada);
        assertThat(school.children(terns)).doesNotContainKey("Ada");
        assertThat(school.as.get("/api/children/" + ada).status()).isEqualTo(404);
        assertThat(kept("trial")).isEqualTo(1);
        String everything = RunningServer.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
                .sql("select string_agg(c::text, ' ') from child c where school_id = ?")
                .param(school.id)
                .query(String.class)
                .single();
        assertThat(everything).doesNotContain("Moss");
        assertThat(school.as.get("/api/audit").body()).contains("erased at").doesNotContain("Moss");
    }

    @Test
    void anErasedChildTakesItsTrialsAlongWhereTheSchoolSaysSo() {
        rule("DROP");
        school.record(List.of(school.trial(ada, CUE, true)));
        school.as.delete("/api/children/" + ada);
        assertThat(kept("trial")).isZero();
        assertThat(kept("child_side")).isZero();
    }

    @Test
    void everythingAboutAChildComesOutInOneFile() {
        school.record(List.of(school.trial(ada, CUE, true), school.trial(ada, CUE, false)));
        Caller.Answer file = school.as.get("/api/children/" + ada + "/export");
        assertThat(file.header("Content-Disposition")).contains("attachment").contains("Ada");
        JsonNode json = file.json();
        assertThat(json.get("schema").asInt()).isEqualTo(1);
        assertThat(json.get("file").get("child").get("family").asString()).isEqualTo("Moss");
        assertThat(json.get("file").get("enrolments")).hasSize(1);
        assertThat(json.get("trials")).hasSize(2);
        assertThat(school.as.get("/api/audit").body()).contains("exported everything about a child");
    }

    @Test
    void aSchoolNamesItsYearsAsItLikes() {
        JsonNode now = school.as.get("/api/school").json();
        Map<String, Object> form = new HashMap<>(Map.of(
                "name", "Ebb Point",
                "timeZone", "Europe/London",
                "yearNaming", "OWN",
                "ownYears", Map.of("7", "Class of the Third Tide"),
                "lengthUnit", "FEET",
                "paceCm", 70,
                "paceWhose", "a child",
                "weekStarts", "SUNDAY",
                "cautions", List.of("The stage stays closed."),
                "erasedTrials", "KEEP"));
        school.as.put("/api/school", form, "If-Match", "\"" + now.get("version").asInt() + "\"");
        assertThat(file(ada).get("child").get("year").asString()).isEqualTo("Class of the Third Tide");
        form.put("weekStarts", "THURSDAY");
        form.put("timeZone", "Nowhere");
        form.put("paceCm", 500);
        assertThat(school.as.put("/api/school", form, "If-Match", "\"1\"").findings())
                .anyMatch(f -> f.startsWith("weekStarts: must be Monday, Saturday or Sunday"))
                .anyMatch(f -> f.startsWith("timeZone: “Nowhere” is no time zone"))
                .anyMatch(f -> f.startsWith("paceCm: must be 30 to 150"));
    }

    /** Who read about a child is in the log, once a day and without the name. */
    @Test
    void readingsOfAChildsPageAreInTheLog() {
        for (int i = 0; i < 3; i++)
            assertThat(school.as
                            .get("/api/children/" + ada + "/picture?set=underarm-roll/components")
                            .status())
                    .isEqualTo(200);
        String log = school.as.get("/api/audit").body();
        assertThat(log.split("looked at a child's page", -1)).hasSize(2);
        assertThat(log.substring(log.indexOf("looked at"), log.indexOf("looked at") + 80))
                .doesNotContain("Ada");
    }
}
