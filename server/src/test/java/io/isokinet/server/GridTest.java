package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.mastery.MasteryRule;
import java.io.IOException;
import java.io.StringReader;
import java.sql.Date;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Marks over HTTP against numbers worked out by hand. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class GridTest {
    private static final String SET = "underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole");
    private final UUID ada = school.children(curlews).get("Ada");
    private final UUID ben = school.children(curlews).get("Ben");

    /** Days back and shown or not, such as "9:1 9:1 2:1"; each day is a lesson. */
    private void look(UUID child, String cue, String run, String setting) {
        List<Object> trials = new ArrayList<>();
        Instant now = TestClock.now();
        for (String look : run.split(" ")) {
            String[] parts = look.split(":");
            Map<String, Object> trial = school.trial(child, cue, parts[1].equals("1"));
            trial.put("setting", setting);
            trial.put(
                    "at",
                    now.minus(Long.parseLong(parts[0]), ChronoUnit.DAYS)
                            .plusMillis(trials.size())
                            .toString());
            trials.add(trial);
        }
        school.record(trials);
    }

    private String mark(UUID child, String cue) {
        return school.cell(curlews, SET, child, cue).get("mark").asString();
    }

    @Test
    void marksFollowTheRule() {
        assertThat(mark(ada, FOOT)).isEqualTo("NOT_TAUGHT");
        school.teach(curlews, FOOT);
        assertThat(mark(ada, FOOT)).isEqualTo("NOT_SEEN");
        look(ada, FOOT, "9:0", "DRILL");
        assertThat(mark(ada, FOOT)).isEqualTo("EMERGING");
        look(ada, FOOT, "8:1 8:1", "DRILL");
        assertThat(mark(ada, FOOT)).isEqualTo("NEAR");
        look(ada, FOOT, "2:1", "DRILL");
        JsonNode cell = school.cell(curlews, SET, ada, FOOT);
        assertThat(cell.get("mark").asString()).isEqualTo("SECURE");
        assertThat(cell.get("pips").toString()).isEqualTo("[false,true,true,true]");
        assertThat(cell.get("reason").asString()).startsWith("Secure so far: 3 of the last 4 shown, in 3 lessons");
        look(ada, FOOT, "1:1", "GAME");
        assertThat(mark(ada, FOOT)).isEqualTo("MASTERED");
        assertThat(mark(ben, FOOT)).isEqualTo("NOT_SEEN");
    }

    @Test
    void looksBeforeTeachingAreKeptAndNeverAFailure() {
        look(ada, FOOT, "3:0 2:0", "DRILL");
        JsonNode cell = school.cell(curlews, SET, ada, FOOT);
        assertThat(cell.get("mark").asString()).isEqualTo("NOT_TAUGHT");
        assertThat(cell.get("reason").asString()).isEqualTo("Not taught yet: 2 looks kept, not counted.");
    }

    @Test
    void aFiveTrialCheckMastersAtFour() {
        school.teach(curlews, FOOT);
        UUID sitting = UUID.randomUUID();
        List<Object> trials = new ArrayList<>();
        for (boolean shown : new boolean[] {true, true, false, true, true}) {
            Map<String, Object> trial = school.trial(ada, FOOT, shown);
            trial.put("sitting", sitting);
            trials.add(trial);
        }
        school.record(trials);
        assertThat(school.cell(curlews, SET, ada, FOOT).get("reason").asString())
                .isEqualTo("4 of 5 shown in a check.");
        assertThat(mark(ada, FOOT)).isEqualTo("MASTERED");
    }

    @Test
    void trialsCarryOverBetweenTheSets() {
        school.teach(curlews, "underarm-roll/look", "underarm-roll/step", FOOT);
        look(ada, "underarm-roll/look", "9:1 2:1", "DRILL");
        assertThat(mark(ada, "underarm-roll/eyes-on-target"))
                .as("the same feature, taught and seen under its other key")
                .isEqualTo("NEAR");
        look(ada, FOOT, "9:1 2:0", "DRILL");
        JsonNode step = school.cell(curlews, "underarm-roll/short", ada, "underarm-roll/step");
        assertThat(step.get("trials").asInt())
                .as("a narrower cue shown implies the broader one, not shown implies nothing")
                .isEqualTo(1);
        look(ada, "underarm-roll/step", "1:0", "DRILL");
        assertThat(school.cell(curlews, SET, ada, FOOT).get("trials").asInt())
                .as("no step at all implies no opposite foot")
                .isEqualTo(3);
    }

    @Test
    void partnersAndTheOtherHandStandBeside() {
        school.teach(curlews, FOOT);
        Map<String, Object> partner = school.trial(ada, FOOT, true);
        partner.put("kind", "PARTNER");
        school.record(List.of(partner));
        assertThat(mark(ada, FOOT)).isEqualTo("NOT_SEEN");
        int version = 0;
        school.as.put(
                "/api/children/" + ada,
                Map.of("given", "Ada", "family", "Moss", "yearAge", 7, "sides", Map.of("THROW", "LEFT")),
                "If-Match",
                "\"" + version + "\"");
        Map<String, Object> other = school.trial(ada, FOOT, true);
        other.put("side", "RIGHT");
        school.record(List.of(other));
        assertThat(mark(ada, FOOT)).isEqualTo("NOT_SEEN");
        other = school.trial(ada, FOOT, true);
        other.put("side", "LEFT");
        school.record(List.of(other));
        assertThat(mark(ada, FOOT)).isEqualTo("EMERGING");
    }

    @Test
    void levelsSayWhatIsCounted() {
        String[] cues = {
            "underarm-roll/eyes-on-target",
            "underarm-roll/swing-back",
            FOOT,
            "underarm-roll/hand-low",
            "underarm-roll/finish"
        };
        school.teach(curlews, cues[0], cues[1], cues[2]);
        for (int i = 0; i < 3; i++) look(ada, cues[i], "9:1 8:1 2:1", "DRILL");
        JsonNode level = school.row(curlews, SET, ada).get("levels").get("underarm-roll");
        assertThat(level.get("counted").asString()).isEqualTo("3 of 3 taught so far, 5 in the set");
        assertThat(level.get("label").asString()).isEqualTo("developing");
        school.teach(curlews, cues[3], cues[4]);
        look(ada, cues[3], "9:1 8:1 2:1", "DRILL");
        level = school.row(curlews, SET, ada).get("levels").get("underarm-roll");
        assertThat(level.get("label").asString()).isEqualTo("near mastery");
        assertThat(level.get("counted").asString()).isEqualTo("4 of 5 in the set");
        assertThat(school.as
                        .put("/api/children/" + ada + "/cue-fit", Map.of("cue", cues[4], "fit", "ADAPTED"))
                        .status())
                .isEqualTo(204);
        level = school.row(curlews, SET, ada).get("levels").get("underarm-roll");
        assertThat(level.get("label").asString()).isEqualTo("mastery");
        assertThat(level.get("counted").asString()).isEqualTo("4 of 4 in the set; 1 left out for this child");
        assertThat(school.cell(curlews, SET, ada, cues[4]).get("fit").asString())
                .isEqualTo("ADAPTED");
        school.as.put("/api/children/" + ada + "/cue-fit", Map.of("cue", cues[4], "fit", "NOT_APPLYING"));
        assertThat(mark(ada, cues[4])).isEqualTo("NOT_APPLYING");
        school.as.put("/api/children/" + ada + "/cue-fit", Map.of("cue", cues[4], "fit", "APPLIES"));
        assertThat(mark(ada, cues[4])).isEqualTo("NOT_SEEN");
    }

    /** The set of a five-year-old is those cues that are asked for at five. */
    @Test
    void onlyTheCuesOfTheChildsAgeAreCounted() {
        UUID young = school.schoolClass("Dunlins", 5, "Cleo Reed");
        UUID cleo = school.children(young).get("Cleo");
        JsonNode level = school.row(young, SET, cleo).get("levels").get("underarm-roll");
        assertThat(level.get("counted").asString()).isEqualTo("none of 4 taught yet");
    }

    @Test
    void anEarlierDayIsComputedByWhatWasKnownThen() {
        school.teach(curlews, FOOT);
        look(ada, FOOT, "9:1 8:1 2:1", "DRILL");
        String then = TestClock.today().minusDays(3).toString();
        JsonNode rows = school.as
                .get("/api/classes/" + curlews + "/grid?set=" + SET + "&on=" + then)
                .json()
                .get("rows");
        assertThat(rows.get(0).get("cells").get(FOOT).get("trials").asInt()).isEqualTo(2);
    }

    @Test
    void theRuleInForceOnTheDayDecides() {
        school.teach(curlews, FOOT);
        look(ada, FOOT, "9:1 8:1", "DRILL");
        assertThat(mark(ada, FOOT)).isEqualTo("NEAR");
        RunningServer.bean(JdbcClient.class)
                .sql(
                        "insert into mastery_rule (id, school_id, cue_set, body, valid_from) values (?, ?, null, cast(? as jsonb), ?)")
                .params(
                        UUID.randomUUID(),
                        school.id,
                        Caller.JSON.writeValueAsString(new MasteryRule(2, 2, 3, 2, 4, 5, null)),
                        Date.valueOf(TestClock.today().minusDays(1)))
                .update();
        assertThat(mark(ada, FOOT)).isEqualTo("SECURE");
        JsonNode grid =
                school.as.get("/api/classes/" + curlews + "/grid?set=" + SET).json();
        assertThat(grid.get("skills").get(0).get("rule").asString()).startsWith("secure: 2 of the last 2");
    }

    @Test
    void theGridGoesOutAsCsvThatReadsBack() throws IOException {
        UUID odd = school.schoolClass("Odd", 7, "=SUM(A1) Moss");
        Caller.Answer answer = school.as.get("/api/classes/" + odd + "/grid.csv?set=" + SET);
        assertThat(answer.header("Content-Type")).startsWith("text/csv");
        assertThat(answer.header("Content-Disposition")).contains("attachment").contains("Odd");
        assertThat(answer.body()).startsWith("\uFEFF");
        try (CSVParser parser = CSVParser.parse(new StringReader(answer.body().substring(1)), CSVFormat.RFC4180)) {
            List<CSVRecord> records = parser.getRecords();
            assertThat(records.get(0).get(3)).isEqualTo("Underarm roll: Eyes on it");
            assertThat(records.get(1).get(0)).as("a formula is made text").isEqualTo("'=SUM(A1)");
            assertThat(records.get(1).get(3)).isEqualTo("not taught yet");
            assertThat(records.get(1)).hasSameSizeAs(records.get(0));
        }
    }

    @Test
    void anUnknownSetOrCueSaysWhereToLook() {
        Caller.Answer answer = school.as.get("/api/classes/" + curlews + "/grid?set=underarm-roll/secret");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail())
                .contains("no cue set with the key (underarm-roll/secret)")
                .contains("Know-how");
        assertThat(school.as.get("/api/children/" + ada + "/trials?cue=a/b").status())
                .isEqualTo(400);
        assertThat(school.as.get("/api/classes/" + curlews + "/grid").status()).isEqualTo(400);
    }

    @Test
    void cuesComeMirroredForEitherSide() {
        for (JsonNode cue : school.as.get("/api/skills/underarm-roll").json().get("cues"))
            if (cue.get("key").asString().equals(FOOT)) {
                assertThat(cue.get("question").get("left").asString()).contains("right foot");
                assertThat(cue.get("question").get("right").asString()).contains("left foot");
                assertThat(cue.get("question").get("notSettled").asString()).contains("opposite foot");
            }
    }
}
