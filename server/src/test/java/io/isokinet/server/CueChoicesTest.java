package io.isokinet.server;

import static io.isokinet.server.UnitJson.head;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Cues picked, ordered and meant for a lesson, over HTTP: in a new unit, in a proposal, in a file, and what cannot be so. */
@ExtendWith(RunningServer.class)
class CueChoicesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String SET = "underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";
    private static final String EYES = "underarm-roll/eyes-on-target";
    private static final String SWING = "underarm-roll/swing-back";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 8, TestSchool.names(27));

    CueChoicesTest() {
        for (String item : List.of("foam-ball-20", "foam-ball-16", "spot", "hoop", "rope", "beanbag"))
            school.count(item, 20);
        school.count("skittle", 12);
        school.count("bottle-empty", 24);
    }

    private Map<String, Object> form(int lessons, int minutes, Map<String, Object> more) {
        List<Map<String, Object>> dates = new ArrayList<>();
        for (int i = 0; i < lessons; i++)
            dates.add(Map.of(
                    "onDate", LocalDate.of(2027, 3, 1).plusDays(7L * i).toString(),
                    "minutes", minutes,
                    "spaceId", school.hall()));
        Map<String, Object> form = new HashMap<>(Map.of(
                "classId",
                curlews,
                "title",
                "Rolling",
                "cueSets",
                List.of(SET),
                "order",
                "INTERLEAVED",
                "lessons",
                dates));
        form.putAll(more);
        return form;
    }

    private static Map<String, Object> choice(List<String> cues, Map<String, Integer> lessons) {
        return Map.of("cueSet", SET, "cues", cues, "lessons", lessons);
    }

    private JsonNode made(Map<String, Object> form) {
        UUID id = UUID.randomUUID();
        Caller.Answer answer = school.as.put("/api/units/" + id, form);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> cues(JsonNode unit) {
        List<String> keys = new ArrayList<>();
        unit.get("threads")
                .get(0)
                .get("cues")
                .forEach(c -> keys.add(c.get("key").asString()));
        return keys;
    }

    private static int introduced(JsonNode unit, String cue) {
        for (JsonNode thread : unit.get("threads").get(0).get("cues"))
            if (thread.get("key").asString().equals(cue))
                for (JsonNode mark : thread.get("marks"))
                    if (mark.get("kind").asString().equals("INTRODUCED"))
                        return mark.get("lesson").asInt() + 1;
        return 0;
    }

    @Test
    void aUnitTeachesWhatWasPickedInItsOrderAndItsLesson() {
        JsonNode unit = made(form(4, 40, Map.of("cues", List.of(choice(List.of(SWING, FOOT, EYES), Map.of(EYES, 3))))));
        JsonNode block = unit.get("threads").get(0);
        assertThat(cues(unit)).containsExactly(SWING, FOOT, EYES);
        assertThat(block.get("picked").asBoolean()).isTrue();
        assertThat(block.get("leftOut")).hasSizeGreaterThan(0);
        assertThat(introduced(unit, EYES)).isEqualTo(3);
        assertThat(introduced(unit, SWING)).isPositive().isLessThanOrEqualTo(introduced(unit, FOOT));
        assertThat(block.get("cues").get(2).get("pin").asInt()).isEqualTo(3);

        // As a file, and in again, the choice is the same.
        JsonNode file = school.as
                .get("/api/units/" + unit.get("id").asString() + "/unit.json")
                .json();
        assertThat(file.get("targets").get(0).get("cues")).hasSize(3);
        assertThat(file.get("targets").get(0).get("lessons").get(EYES).asInt()).isEqualTo(3);

        // A proposal with the set as it is, taken whole, gives the choice up.
        Caller.Answer answer = school.as.post(
                "/api/units/" + unit.get("id").asString() + "/proposals",
                Map.of("cues", List.of(Map.of("cueSet", SET))));
        List<JsonNode> lines = answer.body().lines().map(JSON::readTree).toList();
        String proposal = lines.get(lines.size() - 1).get("made").asString();
        List<String> all = new ArrayList<>();
        unit.get("lessons").forEach(l -> all.add(l.get("id").asString()));
        JsonNode taken = school.as
                .post(
                        "/api/units/" + unit.get("id").asString() + "/versions",
                        Map.of("version", proposal, "lessons", all),
                        "If-Match",
                        head(unit))
                .json();
        assertThat(taken.get("threads").get(0).get("picked").asBoolean()).isFalse();
        assertThat(cues(taken)).hasSizeGreaterThan(3);
    }

    @Test
    void whatCannotBeMeantIsRefusedWithWhatToTry() {
        for (var wrong : Map.of(
                        "not in the set", choice(List.of("two-hand-catch/eyes"), Map.of()),
                        "picked twice", choice(List.of(FOOT, FOOT), Map.of()),
                        "meant for lesson 9", choice(List.of(FOOT), Map.of(FOOT, 9)),
                        "is not taught", choice(List.of(FOOT), Map.of(EYES, 1)))
                .entrySet()) {
            Caller.Answer answer = school.as.put(
                    "/api/units/" + UUID.randomUUID(), form(4, 40, Map.of("cues", List.of(wrong.getValue()))));
            assertThat(answer.status()).as(wrong.getKey()).isEqualTo(400);
            assertThat(answer.body()).contains(wrong.getKey());
        }
    }

    @Test
    void whatIsKnownAgainstAUnitIsSaidBeforeItIsPlanned() {
        JsonNode fine = school.as
                .post("/api/classes/" + curlews + "/ahead", form(4, 40, Map.of()))
                .json();
        assertThat(fine.get("questions")).isEmpty();
        assertThat(fine.get("wishes")).isEmpty();
        JsonNode shortLessons = school.as
                .post(
                        "/api/classes/" + curlews + "/ahead",
                        form(4, 25, Map.of("cueSets", List.of(SET, "two-hand-catch/components"))))
                .json();
        assertThat(shortLessons.get("wishes").toString()).contains("too short to mix skills");
        JsonNode tooMany = school.as
                .post(
                        "/api/classes/" + curlews + "/ahead",
                        form(
                                2,
                                20,
                                Map.of(
                                        "cueSets",
                                        List.of(SET, "two-hand-catch/components", "overarm-throw/components"))))
                .json();
        assertThat(tooMany.get("questions")).isNotEmpty();
        // Fewer skills are no wish: there is none to give up in one press.
        assertThat(tooMany.hasNonNull("instead")).isFalse();
        JsonNode tooLong = school.as
                .post("/api/classes/" + curlews + "/ahead", form(11, 60, Map.of("cueSets", List.of("leap/components"))))
                .json();
        assertThat(tooLong.get("questions").toString()).contains("come too often");
        assertThat(tooLong.get("instead").get("repeats").asBoolean()).isTrue();
        assertThat(school.as.get("/api/units").json()).isEmpty();
    }

    @Test
    void aWishThatCannotBeHadIsSaidOnTheUnit() {
        Map<String, Object> more = new HashMap<>(
                Map.of("tempo", "AS_IT_COMES", "taste", "AS_IT_COMES", "fewLayouts", false, "skipsRungs", false));
        more.put("favourites", List.of());
        more.put("bans", List.of());
        more.put("weights", Map.of());
        more.put("ending", "BESTS");
        JsonNode unit = made(form(4, 40, Map.of("more", more)));
        assertThat(unit.get("wishes").get("ending").asString()).isEqualTo("BESTS");
        assertThat(unit.get("wished").get(0).get("wish").asString()).isEqualTo("bests to beat in the last lesson");
        assertThat(unit.get("wished").get(0).has("why")).isFalse();
    }
}
