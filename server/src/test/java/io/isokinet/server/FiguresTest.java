package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Cues on a figure, and rounds for the eye, over HTTP. */
@ExtendWith(RunningServer.class)
class FiguresTest {
    private static final String STEP = "underarm-roll/other-foot";
    private final TestSchool school = TestSchool.make();

    private JsonNode figure(String query) {
        return school.as.get("/api/figures?" + query).json();
    }

    @Test
    void aCueIsShownAndItsFaultIsNot() {
        JsonNode shown = figure("cue=" + STEP);
        assertThat(shown.get("shown").asBoolean()).isTrue();
        assertThat(shown.get("from").asString()).isEqualTo("SIDE");
        JsonNode clip = shown.get("clip");
        int pictures = clip.get("frames").size();
        assertThat(pictures).isGreaterThan(40);
        assertThat(clip.get("frames").get(0).size())
                .isEqualTo(3 * clip.get("spots").size());
        assertThat(shown.get("why").get("right").asString())
                .contains("the left toes are")
                .contains("is asked for");
        assertThat(shown.get("why").get("left").asString()).contains("the right toes are");
        JsonNode wrong = figure("cue=" + STEP + "&fault=1");
        assertThat(wrong.get("shown").asBoolean()).isFalse();
        assertThat(wrong.get("clip").get("frames").size()).isEqualTo(pictures);
        // A younger child is smaller.
        assertThat(figure("cue=" + STEP + "&age=5").get("clip").get("stature").asInt())
                .isLessThan(clip.get("stature").asInt());
    }

    @Test
    void whatIsTooSmallToDrawShowsTheMovementAndSaysWhy() {
        JsonNode fingers = figure("cue=two-hand-catch/fingers");
        assertThat(fingers.get("unseen").asString()).isEqualTo("fingers are not drawn");
        assertThat(fingers.get("clip").get("frames").size()).isPositive();
        assertThat(figure("cue=static-balance/still&fault=1").get("unseen").asString())
                .isEqualTo("it is heard");
    }

    @Test
    void whatIsNotThereIsSaid() {
        assertThat(school.as.get("/api/figures?cue=underarm-roll/none").status())
                .isEqualTo(404);
        assertThat(school.as.get("/api/figures?cue=" + STEP + "&fault=9").status())
                .isEqualTo(404);
        assertThat(school.as.get("/api/figures?cue=" + STEP + "&fault=x").status())
                .isEqualTo(400);
        assertThat(school.as
                        .get("/api/eye/round?cue=two-hand-catch/fingers&seed=1")
                        .status())
                .isEqualTo(404);
        assertThat(school.as
                        .get("/api/eye/round?cue=" + STEP + "&seed=1&level=SIXTH")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aSymptomThatIsAFaultNamesWhich() {
        JsonNode found =
                school.as.get("/api/symptoms?skill=underarm-roll").json().get("found");
        List<JsonNode> faults = new ArrayList<>();
        found.forEach(s -> {
            if (!s.path("fault").isMissingNode() && !s.get("fault").isNull()) faults.add(s);
        });
        assertThat(faults).isNotEmpty();
        for (JsonNode s : faults)
            assertThat(s.get("key").asString()).endsWith("#" + s.get("fault").asInt());
    }

    /** The same seed draws the same round, and who presses what is true is right in all. */
    @Test
    void aRoundIsDrawnAndCounted() {
        String query = "/api/eye/round?cue=" + STEP + "&level=THIRD&age=8&seed=42";
        JsonNode round = school.as.get(query).json();
        assertThat(round.get("children").size()).isEqualTo(12);
        assertThat(school.as.get(query).json()).isEqualTo(round);
        List<Map<String, Object>> truth = new ArrayList<>();
        List<Map<String, Object>> always = new ArrayList<>();
        int there = 0;
        for (JsonNode c : round.get("children")) {
            boolean shown = c.get("shown").asBoolean();
            if (shown) there++;
            truth.add(Map.of("shown", shown, "seconds", 3));
            always.add(Map.of("shown", true, "seconds", 1.5));
            assertThat(c.get("clip").get("frames").size()).isPositive();
        }
        JsonNode right = verdict(truth).json();
        assertThat(right.get("right").get("of").asInt()).isEqualTo(12);
        assertThat(right.get("kappa").asDouble()).isEqualTo(1);
        assertThat(right.get("seconds").asDouble()).isEqualTo(3);
        JsonNode blind = verdict(always).json();
        assertThat(blind.get("alarms").get("of").asInt()).isEqualTo(12 - there);
        assertThat(blind.get("misses").get("of").asInt()).isZero();
        assertThat(verdict(truth.subList(0, 3)).status()).isEqualTo(400);
    }

    private Caller.Answer verdict(List<Map<String, Object>> answers) {
        return school.as.post(
                "/api/eye/verdict", Map.of("cue", STEP, "level", "THIRD", "age", 8, "seed", 42, "answers", answers));
    }
}
