package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is believed of a child stands on the teacher's pages of its class and of the child, and goes nowhere else. */
@ExtendWith(RunningServer.class)
class BeliefStaysTest {
    private static final String SET = "underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID dippers = school.schoolClass("Dippers", 7, "Ada Moss", "Ben Sole", "Cleo Tern");
    private final UUID ada = school.children(dippers).get("Ada");
    private final UUID ben = school.children(dippers).get("Ben");

    private JsonNode cell(UUID child) {
        return school.cell(dippers, SET, child, FOOT);
    }

    @Test
    void standsBesideTheMarkWithWhereItComesFrom() {
        assertThat(cell(ada).has("sure")).isFalse();
        school.teach(dippers, FOOT);
        school.record(List.of(school.trial(ada, FOOT, true), school.trial(ada, FOOT, true)));
        assertThat(cell(ada).get("mark").asString()).isEqualTo("NEAR");
        assertThat(cell(ada).get("sure").get("sentence").asString()).contains("2 looks here");
        assertThat(cell(ben).get("mark").asString()).isEqualTo("NOT_SEEN");
        assertThat(cell(ben).get("sure").get("sentence").asString()).endsWith("nobody has looked here.");
    }

    @Test
    void theTeachersPageOfAChildSaysHowSureAMarkIsAndThePageForHomeDoesNot() throws IOException {
        school.teach(dippers, FOOT);
        school.record(List.of(school.trial(ada, FOOT, true), school.trial(ada, FOOT, true)));
        JsonNode cue = null;
        for (JsonNode c : school.as
                .get("/api/children/" + ada + "/picture?set=" + SET)
                .json()
                .get("skills")
                .get(0)
                .get("cues")) if (c.get("cue").asString().equals(FOOT)) cue = c;
        assertThat(cue).isNotNull();
        assertThat(cue.get("cell").get("sure").get("looks").asInt()).isEqualTo(2);
        assertThat(ReportsTest.pdf(school.as, "/api/children/" + ada + "/paper?set=" + SET))
                .doesNotContainIgnoringCase("likely")
                .doesNotContainPattern("\\bin 10\\b");
    }

    @Test
    void goesIntoNoExportReportOrPaper() {
        school.teach(dippers, FOOT);
        school.record(List.of(school.trial(ada, FOOT, true), school.trial(ada, FOOT, false)));
        String sentence = cell(ada).get("sure").get("sentence").asString();
        for (String path : List.of(
                "/api/classes/" + dippers + "/grid.csv?set=" + SET,
                "/api/classes/" + dippers + "/report",
                "/api/classes/" + dippers + "/report/table.csv",
                "/api/school/report",
                "/api/school/report/table.csv",
                "/api/school/report/marks.json",
                "/api/children/" + ada + "/export",
                "/api/children/" + ada + "/trials?cue=" + FOOT)) {
            Caller.Answer answer = school.as.get(path);
            assertThat(answer.status()).as(path).isEqualTo(200);
            assertThat(answer.body())
                    .as(path)
                    .doesNotContain("\"sure\"")
                    .doesNotContain(sentence)
                    .doesNotContainPattern("\\bin 10\\b");
        }
    }
}
