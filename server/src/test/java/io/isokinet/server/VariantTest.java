package io.isokinet.server;

import static io.isokinet.server.UnitJson.head;
import static io.isokinet.server.UnitJson.id;
import static io.isokinet.server.UnitJson.names;
import static io.isokinet.server.UnitJson.segment;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.account.Role;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Proposals, versions, wishes, files and copies of units over HTTP, and two people on one unit. */
@ExtendWith(RunningServer.class)
class VariantTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, TestSchool.names(27));
    private final UUID unit = school.unit(curlews, 4, 30);

    private JsonNode view() {
        return school.as.get("/api/units/" + unit).json();
    }

    private static List<JsonNode> lines(Caller.Answer answer) {
        return answer.body().lines().map(JSON::readTree).toList();
    }

    private String propose(Object wishes) {
        List<JsonNode> lines = lines(school.as.post("/api/units/" + unit + "/proposals", wishes));
        return lines.get(lines.size() - 1).get("made").asString();
    }

    private static Map<String, Object> more(String tempo, List<String> favourites, List<String> bans) {
        return Map.of(
                "tempo",
                tempo,
                "taste",
                "AS_IT_COMES",
                "fewLayouts",
                false,
                "skipsRungs",
                false,
                "favourites",
                favourites,
                "bans",
                bans,
                "weights",
                Map.of("few-layouts", 7));
    }

    private List<Map<String, Object>> lessons(int many, int minutes) {
        List<Map<String, Object>> lessons = new ArrayList<>();
        for (int i = 0; i < many; i++)
            lessons.add(Map.of(
                    "onDate", LocalDate.of(2027, 3, 1).plusDays(7L * i).toString(),
                    "minutes", minutes,
                    "spaceId", school.hall()));
        return lessons;
    }

    @Test
    void aProposalIsToldAsItGetsBetterAndChangesNothingUntilItIsTaken() {
        JsonNode before = view();
        Caller.Answer answer = school.as.post("/api/units/" + unit + "/proposals", Map.of("order", "BLOCKED"));
        assertThat(answer.header("Content-Type")).startsWith("application/x-ndjson");
        List<JsonNode> lines = lines(answer);
        assertThat(lines).hasSizeGreaterThan(1);
        long soft = Long.MAX_VALUE;
        for (JsonNode line : lines)
            if (line.has("score") && line.get("score").get("medium").asInt() == 0) {
                assertThat(line.get("score").get("soft").asLong()).isLessThanOrEqualTo(soft);
                soft = line.get("score").get("soft").asLong();
            }
        assertThat(head(view())).isEqualTo(head(before));
        String proposal = lines.get(lines.size() - 1).get("made").asString();
        JsonNode compared =
                school.as.get("/api/units/" + unit + "/versions/" + proposal).json();
        assertThat(compared.get("lessons")).hasSize(4);
        assertThat(compared.toString()).contains("\"differs\":true");
        assertThat(compared.get("changes")).isNotEmpty();
        JsonNode versions = school.as.get("/api/units/" + unit + "/versions").json();
        assertThat(versions).hasSize(2);
        assertThat(versions.get(0).get("proposal").asBoolean()).isTrue();
        assertThat(versions.get(1).get("inForce").asBoolean()).isTrue();
    }

    @Test
    void aProposalCanBeTakenInPartAndUndone() {
        JsonNode before = view();
        String proposal = propose(Map.of("order", "BLOCKED", "more", more("CALM", List.of(), List.of())));
        JsonNode compared =
                school.as.get("/api/units/" + unit + "/versions/" + proposal).json();
        String lesson = compared.get("lessons").get(2).get("lesson").asString();
        JsonNode taken = school.as
                .post(
                        "/api/units/" + unit + "/versions",
                        Map.of("version", proposal, "lessons", List.of(lesson)),
                        "If-Match",
                        head(before))
                .json();
        assertThat(taken.get("cause").asString()).isEqualTo("Took 1 lesson of a proposal");
        List<String> proposed = new ArrayList<>();
        compared.get("lessons")
                .get(2)
                .get("after")
                .forEach(p -> proposed.add(p.get("name").asString()));
        assertThat(names(taken, 2)).isEqualTo(proposed);
        for (int other : new int[] {0, 1, 3}) assertThat(names(taken, other)).isEqualTo(names(before, other));
        assertThat(taken.get("wishes").get("order").asString()).isEqualTo("INTERLEAVED");
        JsonNode undone = school.as
                .post("/api/units/" + unit + "/undo", "{}", "If-Match", head(taken))
                .json();
        assertThat(names(undone, 2)).isEqualTo(names(before, 2));
        List<String> all = new ArrayList<>();
        compared.get("lessons").forEach(l -> all.add(l.get("lesson").asString()));
        JsonNode whole = school.as
                .post(
                        "/api/units/" + unit + "/versions",
                        Map.of("version", proposal, "lessons", all),
                        "If-Match",
                        head(undone))
                .json();
        assertThat(whole.get("wishes").get("order").asString()).isEqualTo("BLOCKED");
        assertThat(whole.get("wishes").get("tempo").asString()).isEqualTo("CALM");
        assertThat(whole.get("wishes").get("weights").get("few-layouts").asInt())
                .isEqualTo(7);
        assertThat(school.as
                        .post(
                                "/api/units/" + unit + "/versions",
                                Map.of("version", proposal, "lessons", List.of()),
                                "If-Match",
                                head(whole))
                        .detail())
                .contains("No lesson was chosen");
    }

    @Test
    void aTaughtLessonIsNeverTakenFromAProposal() {
        String proposal = propose(Map.of("order", "BLOCKED"));
        JsonNode now = view();
        String first = id(now.get("lessons").get(0));
        school.as.put("/api/lessons/" + first + "/state", Map.of("state", "TAUGHT"));
        assertThat(school.as
                        .post(
                                "/api/units/" + unit + "/versions",
                                Map.of("version", proposal, "lessons", List.of(first)),
                                "If-Match",
                                head(view()))
                        .detail())
                .contains("Lesson 1 was taught or lost");
        String later = propose(Map.of("order", "BLOCKED"));
        JsonNode compared =
                school.as.get("/api/units/" + unit + "/versions/" + later).json();
        assertThat(compared.get("lessons").get(0).get("open").asBoolean()).isFalse();
        assertThat(compared.get("lessons").get(0).get("differs").asBoolean()).isFalse();
    }

    @Test
    void classesOutOfStepAreToldWhatTheOtherWasTaught() {
        assertThat(school.as.get("/api/units/" + unit + "/other-classes").json())
                .isEmpty();
        UUID dunlins = school.schoolClass("Dunlins", 7, TestSchool.names(24));
        UUID other = school.unit(dunlins, 4, 30);
        JsonNode first = view().get("lessons").get(0);
        school.as.put("/api/lessons/" + id(first) + "/state", Map.of("state", "TAUGHT"));
        JsonNode told = school.as.get("/api/units/" + other + "/other-classes").json();
        assertThat(told).hasSize(1);
        assertThat(told.get(0).get("className").asString()).isEqualTo("Curlews");
        assertThat(told.get(0).get("taught").asInt()).isEqualTo(1);
        assertThat(told.get(0).get("ahead")).isNotEmpty();
        assertThat(told.get(0).get("behind")).isEmpty();
        JsonNode back = school.as.get("/api/units/" + unit + "/other-classes").json();
        assertThat(back.get(0).get("behind")).isEqualTo(told.get(0).get("ahead"));
    }

    @Test
    void whoeverClosesTheRequestCancels() throws Exception {
        // So large that planning still runs when the closed connection is noticed, on a fast machine too.
        UUID large = school.unit(curlews, 16, 60);
        JsonNode before = school.as.get("/api/units/" + large).json();
        assertThat(school.as.firstLine("/api/units/" + large + "/proposals", Map.of("order", "BLOCKED")))
                .contains("\"evaluations\"");
        // Longer than planning takes: what is not here by then does not come.
        Thread.sleep(6000);
        assertThat(school.as.get("/api/units/" + large + "/versions").json()).hasSize(1);
        assertThat(head(school.as.get("/api/units/" + large).json())).isEqualTo(head(before));
    }

    @Test
    void wishesThatCannotBeAreSaid() {
        for (var wrong : Map.of(
                        "favourite and banned", more("CALM", List.of("tide-line"), List.of("tide-line")),
                        "There is no rule",
                                Map.of(
                                        "tempo",
                                        "CALM",
                                        "taste",
                                        "NEW",
                                        "fewLayouts",
                                        false,
                                        "skipsRungs",
                                        false,
                                        "favourites",
                                        List.of(),
                                        "bans",
                                        List.of(),
                                        "weights",
                                        Map.of("no-such-rule", 3)))
                .entrySet()) {
            List<JsonNode> lines = lines(school.as.post(
                    "/api/units/" + unit + "/proposals", Map.of("order", "BLOCKED", "more", wrong.getValue())));
            assertThat(lines.get(lines.size() - 1).get("problem").get("detail").asString())
                    .contains(wrong.getKey());
        }
        assertThat(school.as.get("/api/unit-rules").json()).hasSize(Rules.all().size());
    }

    @Test
    void banningAllThatServesAPartSaysWhichBanToTakeBack() {
        List<String> closes = new ArrayList<>();
        school.as
                .get("/api/activities?phase=CLOSE")
                .json()
                .get("found")
                .forEach(a -> closes.add(a.get("key").asString()));
        assertThat(closes).isNotEmpty();
        List<JsonNode> lines = lines(school.as.post(
                "/api/units/" + unit + "/proposals",
                Map.of("order", "BLOCKED", "more", more("CALM", List.of(), closes))));
        assertThat(lines.get(lines.size() - 1).get("problem").toString()).contains("take back the ban on");
        assertThat(school.as.get("/api/units/" + unit + "/versions").json()).hasSize(1);
    }

    @Test
    void twoPeopleOnOneUnitMergeBySegmentAndAClashShowsBoth() {
        TestSchool.Member other = school.member(Role.TEACHER, curlews);
        JsonNode old = view();
        JsonNode drill = segment(old, 0, 2);
        JsonNode game = segment(old, 1, 4);
        String edits = "/api/units/" + unit + "/edits";
        assertThat(school.as
                        .post(edits, Map.of("kind", "LOCK", "segment", id(drill)), "If-Match", head(old))
                        .status())
                .isEqualTo(200);
        Caller.Answer merged =
                other.as().post(edits, Map.of("kind", "LOCK", "segment", id(game)), "If-Match", head(old));
        assertThat(merged.status()).isEqualTo(200);
        assertThat(segment(merged.json(), 0, 2).get("locked").asBoolean()).isTrue();
        assertThat(segment(merged.json(), 1, 4).get("locked").asBoolean()).isTrue();
        Caller.Answer clash = other.as()
                .post(edits, Map.of("kind", "MINUTES", "segment", id(drill), "minutes", 3), "If-Match", head(old));
        assertThat(clash.status()).isEqualTo(412);
        assertThat(clash.detail())
                .contains("It was %s, %d minutes; now it is %s, %d minutes, locked"
                        .formatted(
                                drill.get("name").asString(),
                                drill.get("minutes").asInt(),
                                drill.get("name").asString(),
                                drill.get("minutes").asInt()));
        // One's own last change is taken back from under the other's.
        JsonNode back = school.as
                .post("/api/units/" + unit + "/undo", "{}", "If-Match", head(merged.json()))
                .json();
        assertThat(segment(back, 0, 2).get("locked").asBoolean()).isFalse();
        assertThat(segment(back, 1, 4).get("locked").asBoolean()).isTrue();
        assertThat(back.get("cause").asString()).startsWith("Took back: Locked ");
    }

    @Test
    void aUnitGoesOutAsAFileAndComesBackTheSame() {
        JsonNode file = school.as.get("/api/units/" + unit + "/unit.json").json();
        assertThat(file.get("format").asString()).isEqualTo("isokinet-unit");
        assertThat(file.toString()).doesNotContain("Child0");
        UUID copy = UUID.randomUUID();
        Caller.Answer taken = school.as.put(
                "/api/units/" + copy + "/file",
                Map.of("classId", curlews, "lessons", lessons(4, 30), "file", file.toString()));
        assertThat(taken.status()).as(taken.body()).isEqualTo(200);
        assertThat(taken.json().get("changes")).isEmpty();
        JsonNode now = school.as.get("/api/units/" + copy).json();
        for (int l = 0; l < 4; l++) assertThat(names(now, l)).isEqualTo(names(view(), l));
        assertThat(now.get("score").get("hard").asInt()).isZero();
    }

    @Test
    void aFileThatCannotBeTakenSaysWhatAndNothingIsSaved() {
        String file = school.as.get("/api/units/" + unit + "/unit.json").body();
        String activity = segment(view(), 0, 2).get("activity").asString();
        Map<String, String> wrong = new HashMap<>();
        wrong.put(file.replace("\"schema\":1", "\"schema\":7"), "schema number 7; this version reads 1");
        wrong.put(file.replace("isokinet-unit", "lesson-list"), "not a unit of ours");
        wrong.put(file.replace("\"" + activity + "\"", "\"moon-walk\""), "“moon-walk” is not in your know-how");
        wrong.put(file.replace("\"minutes\":30", "\"minutes\":3000"), "minutes");
        String wishes = JSON.writeValueAsString(more("CALM", List.of("moon-dance"), List.of()));
        wrong.put(
                file.replaceFirst("\"wishes\":\\{", "\"wishes\":{\"more\":" + wishes + ","),
                "“moon-dance” is not in your know-how");
        wrong.put("{", "no JSON");
        wrong.forEach((text, says) -> {
            UUID id = UUID.randomUUID();
            Caller.Answer answer = school.as.put(
                    "/api/units/" + id + "/file", Map.of("classId", curlews, "lessons", lessons(4, 30), "file", text));
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.body()).contains(says);
            assertThat(school.as.get("/api/units/" + id).status()).isEqualTo(404);
        });
    }

    @Test
    void aFileFromAnotherVersionOfTheKnowHowIsReadAndSaid() {
        String file = school.as.get("/api/units/" + unit + "/unit.json").body();
        String old = file.replaceFirst("\"packs\":\\[\"[^\"]*\"", "\"packs\":[\"0000\"");
        assertThat(old).isNotEqualTo(file);
        JsonNode answer = school.as
                .put(
                        "/api/units/" + UUID.randomUUID() + "/file",
                        Map.of("classId", curlews, "lessons", lessons(4, 30), "file", old))
                .json();
        assertThat(answer.get("changes").toString()).contains("another version of the know-how");
    }

    @Test
    void aCopyForAYoungerClassIsFittedAndSaysWhatChanged() {
        UUID terns = school.schoolClass("Terns", 5, TestSchool.names(17));
        UUID copy = UUID.randomUUID();
        Caller.Answer answer = school.as.post(
                "/api/units/" + unit + "/copies",
                Map.of("id", copy, "classId", terns, "title", "Rolling, younger", "lessons", lessons(3, 25)));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("changes").toString())
                .contains("It had 4 lessons and has 3 now.")
                .contains("Lesson 1 had 30 minutes and has 25 now.");
        JsonNode now = school.as.get("/api/units/" + copy).json();
        assertThat(now.get("title").asString()).isEqualTo("Rolling, younger");
        assertThat(now.get("score").get("hard").asInt()).isZero();
        assertThat(now.get("lessons")).hasSize(3);
        assertThat(view().get("lessons")).hasSize(4);
    }

    @Test
    void itsLessonsAreACalendar() throws Exception {
        String text = school.as.get("/api/units/" + unit + "/lessons.ics").body();
        var calendar = new CalendarBuilder().build(new StringReader(text));
        assertThat(calendar.getComponents(VEvent.VEVENT)).hasSize(4);
    }

    @Test
    void spareMinutesAndMissedLessonsFindSomethingThatNeedsNoNewKit() {
        JsonNode fillers = school.as
                .get("/api/units/" + unit + "/spare?lesson=1&minutes=6")
                .json();
        assertThat(fillers).isNotEmpty();
        for (JsonNode filler : fillers)
            assertThat(filler.get("minutes").asInt()).isLessThanOrEqualTo(6);
        JsonNode catchUp =
                school.as.get("/api/units/" + unit + "/spare?lesson=1&missed=0").json();
        assertThat(catchUp).isNotEmpty();
        assertThat(catchUp.get(0).get("reason").asString()).startsWith("Lesson 1 introduced “");
        assertThat(school.as.get("/api/units/" + unit + "/spare?lesson=9").detail())
                .contains("no planned lesson 10");
    }

    @Test
    void aClassWithNobodyInItIsRefused() {
        UUID empty = school.schoolClass("Empty", 7);
        List<JsonNode> lines = lines(school.as.put(
                "/api/units/" + UUID.randomUUID() + "/planning",
                Map.of(
                        "classId",
                        empty,
                        "title",
                        "Rolling",
                        "cueSets",
                        List.of("underarm-roll/short"),
                        "order",
                        "BLOCKED",
                        "lessons",
                        lessons(2, 30))));
        assertThat(lines.get(lines.size() - 1).get("problem").get("detail").asString())
                .contains("nobody in it");
    }

    @Test
    void aNewUnitIsPlannedWhileOneLooksOn() {
        UUID id = UUID.randomUUID();
        List<JsonNode> lines = lines(school.as.put(
                "/api/units/" + id + "/planning",
                Map.of(
                        "classId",
                        curlews,
                        "title",
                        "Rolling more than catching",
                        "cueSets",
                        List.of("underarm-roll/short", "two-hand-catch/short"),
                        "shares",
                        List.of(2, 1),
                        "order",
                        "MIXED",
                        "lessons",
                        lessons(3, 30))));
        assertThat(lines.get(lines.size() - 1).get("made").asString()).isEqualTo(id.toString());
        JsonNode made = school.as.get("/api/units/" + id).json();
        assertThat(made.get("wishes").get("order").asString()).isEqualTo("MIXED");
        Map<String, Integer> work = new HashMap<>();
        made.get("lessons").forEach(l -> l.get("segments").forEach(s -> {
            if (s.has("skill")) work.merge(s.get("skill").asString(), 1, Integer::sum);
        }));
        assertThat(work.get("underarm-roll")).isGreaterThan(work.get("two-hand-catch"));
    }

    private static int rungs(JsonNode parts) {
        int sum = 0;
        for (JsonNode s : parts)
            if (s.hasNonNull("level")) sum += s.get("level").asInt();
        return sum;
    }

    @Test
    void goingOnIsAProposalAroundTheLockedChangeAndIsTakenInPart() {
        UUID rolls = school.unit(curlews, 3, 30, "underarm-roll/components");
        String path = "/api/units/" + rolls;
        JsonNode lessons = school.as.get(path).json().get("lessons");
        school.as.put("/api/lessons/" + id(lessons.get(0)) + "/state", Map.of("state", "TAUGHT"));
        List<JsonNode> lines =
                lines(school.as.post(path + "/proposals", Map.of("steps", Map.of("underarm-roll", "ON"))));
        String proposal = lines.get(lines.size() - 1).get("made").asString();
        JsonNode compared = school.as.get(path + "/versions/" + proposal).json();
        assertThat(compared.get("proposal").asBoolean()).isTrue();
        assertThat(compared.get("why").asString()).contains("esson 2");
        JsonNode next = compared.get("lessons").get(1);
        assertThat(rungs(next.get("after"))).isGreaterThan(rungs(next.get("before")));
        assertThat(next.get("after")).anyMatch(p -> p.get("locked").asBoolean());
        Caller.Answer taken = school.as.post(
                path + "/versions",
                Map.of(
                        "version",
                        proposal,
                        "lessons",
                        List.of(next.get("lesson").asString())),
                "If-Match",
                head(school.as.get(path).json()));
        assertThat(taken.status()).isEqualTo(200);
        assertThat(taken.json().get("cause").asString()).startsWith("Took 1 lesson of a proposal");
        assertThat(rungs(taken.json().get("lessons").get(1).get("segments"))).isEqualTo(rungs(next.get("after")));
    }
}
