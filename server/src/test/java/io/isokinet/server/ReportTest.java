package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The picture of a child, and its page for home. */
@ExtendWith(RunningServer.class)
class ReportTest {
    private static final String SETS = "?set=underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole");
    private final UUID ada = school.children(curlews).get("Ada");
    private int seq;

    private JsonNode picture() {
        return school.as.get("/api/children/" + ada + "/picture" + SETS).json();
    }

    private JsonNode cue(JsonNode picture) {
        for (JsonNode cue : picture.get("skills").get(0).get("cues"))
            if (cue.get("cue").asString().equals(FOOT)) return cue;
        throw new AssertionError("The cue is not in the picture.");
    }

    private Map<String, Object> hits(UUID lesson, int hits, int left, int distanceMm) {
        Map<String, Object> set = new HashMap<>();
        set.put("id", UUID.randomUUID());
        set.put("child", ada);
        set.put("lesson", lesson);
        set.put("skill", "underarm-roll");
        set.put("hits", hits);
        set.put("missedLeft", left);
        for (String other : List.of("missedRight", "missedShort", "missedLong", "missed")) set.put(other, 0);
        set.put("distanceMm", distanceMm);
        set.put("widthMm", 200);
        set.put("item", "foam-ball-20");
        set.put("side", "RIGHT");
        set.put("seq", ++seq);
        set.put("at", TestClock.now().toString());
        return set;
    }

    @Test
    void nothingKnownIsSaidAsSuch() {
        JsonNode picture = picture();
        assertThat(picture.get("bests")).isEmpty();
        assertThat(picture.get("notes")).isEmpty();
        assertThat(cue(picture).get("looks")).isEmpty();
        assertThat(picture.get("skills").get(0).get("aims")).isEmpty();
        assertThat(school.as.get("/api/children/" + ada + "/paper" + SETS).body())
                .startsWith("%PDF");
    }

    @Test
    void looksOfTheOtherHandStandBesideAndPartnersAreLeftOut() {
        school.teach(curlews, FOOT);
        school.as.put(
                "/api/children/" + ada,
                Map.of("given", "Ada", "family", "Moss", "yearAge", 7, "sides", Map.of("THROW", "RIGHT")),
                "If-Match",
                "\"0\"");
        List<Object> looks = new ArrayList<>();
        for (String side : List.of("RIGHT", "RIGHT", "LEFT")) {
            Map<String, Object> look = school.trial(ada, FOOT, side.equals("RIGHT"));
            look.put("side", side);
            looks.add(look);
        }
        Map<String, Object> partner = school.trial(ada, FOOT, true);
        partner.put("kind", "PARTNER");
        looks.add(partner);
        school.record(looks);
        JsonNode cue = cue(picture());
        assertThat(cue.get("looks")).hasSize(2);
        assertThat(cue.get("otherHand").asString()).isEqualTo("0 of 1 with the other hand");
    }

    /** Six of ten at 3 m and an effective width of 0.40 m are 0.0792 rad and 70 % at 2.44 m without a prior; the age of seven draws it a little. */
    @Test
    void hitsBecomeASpreadAndALineToTryNext() {
        UUID unit = school.unit(curlews, 1, 30, "underarm-roll/components");
        UUID lesson = UUID.fromString(school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString());
        Map<String, Object> batch = school.batch(List.of());
        batch.put("hits", List.of(hits(lesson, 3, 2, 3000), hits(lesson, 3, 2, 3000), hits(lesson, 5, 0, 1500)));
        Map<String, Object> count = new HashMap<>();
        count.put("id", UUID.randomUUID());
        count.put("lesson", lesson);
        count.put("kind", "COUNT");
        count.put("body", Map.of("what", "streak", "children", List.of(ada), "count", 9));
        count.put("seq", ++seq);
        count.put("at", TestClock.now().toString());
        batch.put("events", List.of(count));
        school.as.post("/api/hall/" + lesson + "/batches", batch);
        JsonNode picture = picture();
        JsonNode aim = picture.get("skills").get(0).get("aims").get(0);
        assertThat(aim.get("hits").asInt()).isEqualTo(11);
        assertThat(aim.get("tries").asInt()).isEqualTo(15);
        assertThat(aim.get("spread").asString()).startsWith("11 hits in 15 tries: a spread of 0.0");
        assertThat(aim.get("suggestion").asString())
                .contains("70 in 100 tries hit a target like the last one from about");
        // Four misses are too few to speak of a side.
        assertThat(aim.has("lean") && !aim.get("lean").isNull()).isFalse();
        assertThat(picture.get("bests").toString()).contains("9 in a row").contains("Every try of a set hit, once");
    }
}
