package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the records of a class say to do next, over HTTP. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class NextStepsTest {
    private static final String FOOT = "underarm-roll/other-foot";
    private static final String EYES = "underarm-roll/eyes-on-target";

    private static final String WATCH = "two-hand-catch/watch-it-in";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, TestSchool.names(12));
    private final List<UUID> children = new ArrayList<>(school.children(curlews).values());

    private JsonNode next() {
        return school.as
                .get("/api/classes/" + curlews + "/next?set=underarm-roll/components")
                .json();
    }

    private Map<String, Object> look(UUID child, boolean shown, UUID lesson, int secondsAgo) {
        Map<String, Object> trial = school.trial(child, FOOT, shown);
        trial.put("lesson", lesson);
        trial.put("at", TestClock.now().minusSeconds(secondsAgo).toString());
        return trial;
    }

    @Test
    void anEmptyRecordProposesNothingThatNobodyKnows() {
        JsonNode next = next();
        assertThat(next.get("skills").get(0).get("facts").get(0).asString()).isEqualTo("Nothing of it was taught yet");
        assertThat(next.has("lesson") && !next.get("lesson").isNull()).isFalse();
        assertThat(next.get("catchUps")).isEmpty();
        assertThat(next.get("agreements")).isEmpty();
        assertThat(next.get("groups")).isEmpty();
    }

    @Test
    void aClassThatOwnsItGoesOnAndWhoWasAwayIsCaughtUp() throws IOException {
        UUID unit = school.unit(curlews, 2, 30, "underarm-roll/components");
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        UUID first = UUID.fromString(lessons.get(0).get("id").asString());
        UUID second = UUID.fromString(lessons.get(1).get("id").asString());
        Map<String, Object> taught = new HashMap<>();
        taught.put("id", UUID.randomUUID());
        taught.put("schoolClass", curlews);
        taught.put("cue", FOOT);
        taught.put("lesson", first);
        taught.put("at", TestClock.now().minusSeconds(3600).toString());
        Map<String, Object> away = Map.of(
                "id",
                UUID.randomUUID(),
                "lesson",
                first,
                "child",
                children.get(11),
                "present",
                false,
                "at",
                TestClock.now().toString());
        school.as.post("/api/batches", school.batch(List.of(), List.of(), List.of(away), List.of(taught)));
        List<Object> looks = new ArrayList<>();
        for (UUID child : children.subList(0, 11)) {
            looks.add(look(child, true, first, 900));
            looks.add(look(child, true, first, 600));
            looks.add(look(child, true, second, 300));
        }
        assertThat(school.record(looks).get("kept")).hasSize(33);
        JsonNode next = next();
        assertThat(next.get("skills").get(0).get("step").asString()).isEqualTo("ON");
        assertThat(next.get("skills").get(0).get("facts").toString())
                .contains("in 100 of what was taught is likely there, by 33 looks")
                .contains("9 in 10 tries show it");
        assertThat(next.get("catchUps").get(0).get("children")).hasSize(1).allMatch(c -> c.asString()
                .equals(children.get(11).toString()));
        JsonNode catchUp = next.get("catchUps").get(0);
        assertThat(catchUp.get("forClass").asBoolean()).isFalse();
        assertThat(catchUp.get("steps")).hasSize(3);
        assertThat(ReportsTest.pdf(
                        school.as, "/api/classes/" + curlews + "/catch-up/paper?set=underarm-roll/components"))
                .contains(school.children(curlews).entrySet().stream()
                        .filter(e -> e.getValue().equals(children.get(11)))
                        .findFirst()
                        .orElseThrow()
                        .getKey())
                .contains("5 tries")
                .contains("Watched by");
        JsonNode lesson = next.get("lesson");
        assertThat(lesson.get("looks").asInt()).isPositive();
        int planned = 0;
        for (JsonNode w : lesson.get("watches")) planned += w.get("looks").asInt();
        assertThat(planned).isLessThanOrEqualTo(lesson.get("looks").asInt());
        JsonNode hall = school.as.get("/api/hall/" + first).json();
        assertThat(hall.get("watch")).isNotEmpty();
        assertThat(hall.get("watch").toString()).doesNotContain(children.get(11).toString());
        JsonNode cell = school.cell(curlews, "underarm-roll/components", children.get(0), FOOT);
        assertThat(cell.get("mark").asString()).isEqualTo("SECURE");
        assertThat(cell.get("sure").get("word").asString()).isEqualTo("SETTLED");
        assertThat(cell.get("sure").get("looks").asInt()).isEqualTo(3);
        assertThat(cell.get("sure").get("sentence").asString())
                .contains("Likely there")
                .contains("3 looks here");
    }

    @Test
    void twoPairsOfEyesAreComparedOnWhatBothSaw() {
        UUID unit = school.unit(curlews, 1, 30, "underarm-roll/components");
        UUID lesson = UUID.fromString(school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString());
        school.teach(curlews, FOOT);
        Caller other = school.member(Role.LEAD).as();
        List<Object> first = new ArrayList<>();
        List<Object> second = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            first.add(look(children.get(i), i < 6, lesson, 600 - i));
            second.add(look(children.get(i), i < 3 || i == 9, lesson, 500 - i));
        }
        school.record(first);
        Map<String, Object> batch = school.batch(second);
        batch.put("device", UUID.randomUUID());
        other.post("/api/batches", batch);
        JsonNode agreed = next().get("agreements").get(0);
        // Both 3, one alone 3, the other alone 1, none 3: 6 of 10, by chance 0.48, kappa 0.23.
        assertThat(agreed.get("sentence").asString())
                .contains("6 of 10 looks (60 %)")
                .contains("0.23, fair");
        assertThat(agreed.get("talk").asBoolean()).isTrue();
    }

    @Test
    void aGroupThatIsBehindTheClassHasAnEasierStepOfTheSame() throws IOException {
        UUID unit = school.unit(curlews, 2, 30, "underarm-roll/components");
        school.teach(curlews, FOOT, EYES);
        List<Object> looks = new ArrayList<>();
        for (int c = 0; c < 12; c++)
            for (int i = 0; i < 4; i++) looks.add(look(children.get(c), c > 3, null, 100 * i + c + 1));
        for (int c = 0; c < 12; c++) {
            Map<String, Object> eyes = school.trial(children.get(c), EYES, c < 4);
            eyes.put("at", TestClock.now().minusSeconds(5 + c).toString());
            looks.add(eyes);
        }
        school.record(looks);
        JsonNode next = next();
        String ofClass = next.get("skills").get(0).get("step").asString();
        JsonNode behind = null;
        for (JsonNode g : next.get("groups")) if (g.get("cue").asString().equals(FOOT)) behind = g;
        assertThat(behind).isNotNull();
        assertThat(behind.get("children")).hasSize(4);
        JsonNode step = behind.get("steps").get(0);
        assertThat(ofClass).isNotEqualTo("BACK");
        assertThat(step.get("words").asString()).isEqualTo("step back");
        assertThat(step.get("doing").asString()).containsAnyOf("a step easier: ", "has an easier step");
        assertThat(school.as.get("/api/units/" + unit).status()).isEqualTo(200);
        assertThat(ReportsTest.pdf(
                        school.as, "/api/classes/" + curlews + "/catch-up/paper?set=underarm-roll/components"))
                .contains("Nobody who was away");
    }

    /** Ten minutes before a lesson of rolling nobody wants groups for catching. */
    @Test
    void groupsAreForTheSkillsOfTheNextLesson() {
        school.teach(curlews, FOOT, WATCH);
        List<Object> looks = new ArrayList<>();
        for (int c = 0; c < 12; c++)
            for (int i = 0; i < 3; i++) {
                looks.add(look(children.get(c), c > 3, null, 100 * i + c + 1));
                Map<String, Object> catches = school.trial(children.get(c), WATCH, false);
                catches.put("at", TestClock.now().minusSeconds(100 * i + c + 1).toString());
                looks.add(catches);
            }
        school.record(looks);
        String both = "/api/classes/" + curlews + "/next?set=two-hand-catch/components&set=underarm-roll/components";
        JsonNode before = school.as.get(both).json();
        assertThat(before.get("groupedBy")).isEmpty();
        assertThat(cues(before)).contains(WATCH).doesNotContain(FOOT);
        school.unit(curlews, 1, 30, "underarm-roll/components");
        JsonNode next = school.as.get(both).json();
        assertThat(next.get("groupedBy")).hasSize(1);
        assertThat(next.get("groupedBy").get(0).asString()).isEqualTo("Underarm roll");
        assertThat(cues(next)).contains(FOOT).doesNotContain(WATCH);
        assertThat(next.get("helpFirst").asString()).isNotEmpty().doesNotContain(call(next, WATCH));
        for (JsonNode g : next.get("groups"))
            for (JsonNode s : g.get("steps"))
                assertThat(s.get("name").asString()).isEqualTo("Underarm roll");
        assertThat(before.get("skills").get(0).get("skill").asString()).isEqualTo("two-hand-catch");
        assertThat(next.get("skills").get(0).get("skill").asString()).isEqualTo("underarm-roll");
        assertThat(next.get("skills")).hasSize(2);
    }

    private static List<String> cues(JsonNode next) {
        List<String> cues = new ArrayList<>();
        for (JsonNode g : next.get("groups")) cues.add(g.get("cue").asString());
        return cues;
    }

    private static String call(JsonNode next, String cue) {
        return next.get("calls").get(cue).asString();
    }

    @Test
    void looksAreCountedOnByWhatThisClassReallyHad() {
        UUID unit = school.unit(curlews, 2, 30, "underarm-roll/components");
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        UUID first = UUID.fromString(lessons.get(0).get("id").asString());
        UUID second = UUID.fromString(lessons.get(1).get("id").asString());
        school.teach(curlews, FOOT);
        List<Object> looks = new ArrayList<>();
        for (int c = 0; c < 6; c++) looks.add(look(children.get(c), true, first, 60 - c));
        school.record(looks);
        assertThat(school.as
                        .put("/api/lessons/" + first + "/state", Map.of("state", "TAUGHT"))
                        .status())
                .isLessThan(300);
        JsonNode next = next();
        JsonNode lesson = next.get("lesson");
        assertThat(lesson.get("lesson").asString()).isEqualTo(second.toString());
        assertThat(lesson.get("ownLooks").asString()).startsWith("6 of ").contains("in the last lesson");
        assertThat(next.get("skills").get(0).get("rung").asString()).startsWith("level ");
        int planned = 0;
        int watched = 0;
        JsonNode hall = school.as.get("/api/hall/" + second).json();
        for (JsonNode s : hall.get("lesson").get("segments"))
            if (!s.get("focus").isEmpty()) planned += s.get("looks").asInt();
        for (JsonNode w : hall.get("watch"))
            for (JsonNode c : w.get("watches")) watched += c.get("looks").asInt();
        assertThat(lesson.get("looks").asInt()).isLessThan(planned);
        assertThat(watched).isLessThan(planned);
    }
}
