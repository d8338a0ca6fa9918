package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What may come of a unit, and how often what was believed came true. */
@ExtendWith(RunningServer.class)
class RehearsalsTest {
    private static final String SET = "underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID plovers = school.schoolClass("Plovers", 7, TestSchool.names(12));

    @Test
    void aUnitIsRehearsedLessonByLessonWithABand() {
        UUID unit = school.unit(plovers, 2, 30, SET);
        JsonNode r = school.as.get("/api/units/" + unit + "/rehearsal").json();
        assertThat(r.get("children").asInt()).isEqualTo(12);
        assertThat(r.get("classes").asInt()).isEqualTo(200);
        assertThat(r.get("cues")).isNotEmpty();
        for (JsonNode cue : r.get("cues")) {
            assertThat(cue.get("after")).hasSize(2);
            for (JsonNode after : cue.get("after")) {
                JsonNode band = after.get("owned");
                assertThat(band.get("low").asInt())
                        .isBetween(0, band.get("middle").asInt());
                assertThat(band.get("high").asInt())
                        .isBetween(band.get("middle").asInt(), 12);
            }
        }
        assertThat(r.get("sentences").get(0).asString()).startsWith("After the last lesson “");
        assertThat(r.has("beside")).as("nothing to compare with").isFalse();
        assertThat(school.as.get("/api/units/" + unit + "/rehearsal").json()).isEqualTo(r);
    }

    @Test
    void aChangeIsRehearsedBesideWhatItWas() {
        UUID unit = school.unit(plovers, 2, 30, SET);
        JsonNode before = school.as.get("/api/units/" + unit).json();
        JsonNode lessons = before.get("lessons");
        UUID segment = null;
        for (JsonNode s : lessons.get(1).get("segments"))
            if (!s.get("focus").isEmpty() && segment == null)
                segment = UUID.fromString(s.get("id").asString());
        assertThat(school.as
                        .post(
                                "/api/units/" + unit + "/edits",
                                Map.of("kind", "REMOVE", "segment", String.valueOf(segment)),
                                "If-Match",
                                "\"" + before.get("head").asString() + "\"")
                        .status())
                .isEqualTo(200);
        String old = before.get("head").asString();
        JsonNode r = school.as
                .get("/api/units/" + unit + "/rehearsal?besides=" + old)
                .json();
        assertThat(r.get("beside").asString())
                .matches(
                        "(Better|Worse) in \\d+ of 100 rehearsed classes: about \\d+ marks? (more|fewer) there at the end\\."
                                + "|As good as the other for what the children have at the end\\.");
        JsonNode now = school.as.get("/api/units/" + unit + "/rehearsal").json();
        assertThat(now.has("beside"))
                .as("said of itself only where it is clear")
                .isEqualTo(!r.get("beside").asString().startsWith("As good as"));
        JsonNode asItWas = school.as
                .get("/api/units/" + unit + "/rehearsal?version=" + old)
                .json();
        assertThat(asItWas.get("cues")).isNotEmpty();
        assertThat(school.as
                        .get("/api/units/" + unit + "/rehearsal?version=" + UUID.randomUUID())
                        .status())
                .isEqualTo(404);
    }

    private Map<String, Object> look(UUID child, int daysAgo) {
        Map<String, Object> trial = school.trial(child, FOOT, daysAgo < 8);
        trial.put("at", TestClock.now().minus(Duration.ofDays(daysAgo)).toString());
        return trial;
    }

    @Test
    void whatWasSaidIsHeldAgainstWhatCameForTheLeadAlone() {
        assertThat(school.as.get("/api/school/came-true").status()).isEqualTo(204);
        school.teach(plovers, FOOT);
        List<Object> looks = new ArrayList<>();
        for (UUID child : school.children(plovers).values())
            for (int days : new int[] {1, 8, 15}) looks.add(look(child, days));
        school.record(looks);
        JsonNode counted = school.as.post("/api/school/came-true", Map.of()).json();
        assertThat(counted.get("looks").asInt()).as("all but the first day's").isEqualTo(24);
        assertThat(counted.get("own").asBoolean())
                .as("too few looks of its own")
                .isFalse();
        assertThat(counted.get("tenths")).hasSize(10);
        assertThat(counted.get("sentence").asString()).startsWith("24 looks were foretold");
        assertThat(school.as.get("/api/school/came-true").json()).isEqualTo(counted);
        assertThat(school.member(Role.TEACHER).as().get("/api/school/came-true").status())
                .isEqualTo(403);
    }
}
