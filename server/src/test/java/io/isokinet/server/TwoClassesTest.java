package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A colleague is ill: her class comes along to a lesson of another one. */
@ExtendWith(RunningServer.class)
class TwoClassesTest {
    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID auks = school.schoolClass("Auks", 6, TestSchool.names(18));
    private final UUID unit = school.unit(terns, 2, 30);

    private final String lesson = school.as
            .get("/api/units/" + unit)
            .json()
            .get("lessons")
            .get(0)
            .get("id")
            .asString();

    private Caller.Answer together(UUID other) {
        return school.as.post(
                "/api/lessons/" + lesson + "/changes",
                Map.of("kind", "DOORWAY", "withClass", other, "why", "a colleague is ill", "anyway", false));
    }

    private JsonNode sheet() {
        return school.as.get("/api/lessons/" + lesson + "/sheet").json();
    }

    @Test
    void kitGroupsAndTilesAreForAllOfThem() {
        JsonNode alone = sheet();
        Caller.Answer done = together(auks);
        assertThat(done.status()).as(done.body()).isEqualTo(200);
        assertThat(done.json().get("words").toString()).contains("is for Auks too (a colleague is ill).");
        JsonNode both = sheet();
        assertThat(both.get("className").asString()).isEqualTo("Terns and Auks");
        assertThat(both.get("children").asInt()).isEqualTo(38);
        assertThat(both.get("age").asInt()).isEqualTo(6);
        assertThat(both.get("roll")).hasSize(38);
        assertThat(both.get("layOut")).isNotEqualTo(alone.get("layOut"));
        for (JsonNode stretch : both.get("segments")) {
            JsonNode floor = stretch.get("floor");
            if (floor == null || floor.isNull() || floor.get("groups").isEmpty()) continue;
            int grouped = 0;
            for (JsonNode group : floor.get("groups"))
                grouped += group.get("children").size();
            assertThat(grouped).isEqualTo(38);
        }
        JsonNode rows = school.as.get("/api/hall/" + lesson).json().get("grid").get("rows");
        Set<String> names = new HashSet<>();
        for (JsonNode row : rows) names.add(row.get("child").get("name").asString());
        // Both classes have children of the same names here: nobody is shown twice.
        assertThat(names).hasSize(38);
        assertThat(names).filteredOn(n -> n.endsWith("(Auks)")).hasSize(18);
        JsonNode today = school.as.get("/api/today").json().get("lessons").get(0);
        assertThat(today.get("className").asString()).isEqualTo("Terns and Auks");
    }

    @Test
    void eachLookGoesToTheOwnRecordAndBothUnitsKnowWhatWasTaught() {
        together(auks);
        JsonNode view = school.as.get("/api/hall/" + lesson).json();
        // One that is new in this lesson, to both classes.
        String cue = "";
        for (JsonNode segment : view.get("lesson").get("segments"))
            if (cue.isEmpty() && !segment.get("introduces").isEmpty())
                cue = segment.get("introduces").get(0).asString();
        String set = cue.substring(0, cue.indexOf('/')) + "/components";
        UUID guest = school.children(auks).values().iterator().next();
        Map<String, Object> trial = new java.util.HashMap<>(school.trial(guest, cue, true));
        trial.put("lesson", lesson);
        Caller.Answer taken = school.as.post(
                "/api/hall/" + lesson + "/batches",
                Map.of(
                        "id", UUID.randomUUID(),
                        "device", UUID.randomUUID(),
                        "clock", Instant.now().toString(),
                        "trials", List.of(trial),
                        "voids", List.of(),
                        "register", List.of(),
                        "taught", List.of()));
        assertThat(taken.status()).as(taken.body()).isEqualTo(200);
        assertThat(taken.json()
                        .get("cells")
                        .get(guest.toString())
                        .get(cue)
                        .get("trials")
                        .asInt())
                .isEqualTo(1);
        school.as.put("/api/lessons/" + lesson + "/state", Map.of("state", "TAUGHT"));
        assertThat(school.cell(auks, set, guest, cue).get("mark").asString()).isNotEqualTo("NOT_TAUGHT");
    }

    @Test
    void itIsTakenBack() {
        JsonNode alone = sheet();
        String change = together(auks).json().get("id").asString();
        assertThat(school.as.post("/api/changes/" + change + "/undo", "{}").status())
                .isEqualTo(200);
        assertThat(sheet().get("roll")).isEqualTo(alone.get("roll"));
        assertThat(sheet().get("layOut")).isEqualTo(alone.get("layOut"));
    }

    @Test
    void itsOwnClassDoesNotComeAlongNorDoTooMany() {
        assertThat(together(terns).detail()).contains("“Terns” is in this lesson already");
        UUID many = school.schoolClass("Knots", 7, TestSchool.names(60));
        assertThat(together(many).detail()).contains("80 children", "up to 72");
    }
}
