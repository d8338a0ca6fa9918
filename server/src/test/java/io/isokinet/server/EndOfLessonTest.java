package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** How lessons end: what ran is taught, nothing else, and on the same day all of it can be taken back. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class EndOfLessonTest {
    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, TestSchool.names(12));
    private final UUID unit = school.unit(curlews, 6, 30);
    private final String lesson = UnitJson.id(view().get("lessons").get(0));
    private int seq;

    private JsonNode view() {
        return school.as.get("/api/units/" + unit).json();
    }

    private JsonNode first() {
        return view().get("lessons").get(0);
    }

    private static List<String> segments(JsonNode of) {
        List<String> ids = new ArrayList<>();
        of.get("segments").forEach(s -> ids.add(UnitJson.id(s)));
        return ids;
    }

    private static List<String> introduced(JsonNode of, int from, int to) {
        List<String> cues = new ArrayList<>();
        for (int i = from; i < Math.min(to, of.get("segments").size()); i++)
            of.get("segments").get(i).get("introduces").forEach(c -> cues.add(c.asString()));
        return cues;
    }

    private Map<String, Object> end(String how, List<String> ran) {
        Map<String, Object> event = new HashMap<>();
        event.put("id", UUID.randomUUID());
        event.put("lesson", lesson);
        event.put("kind", "END");
        event.put("body", ran.isEmpty() ? Map.of("how", how) : Map.of("how", how, "ran", ran));
        event.put("seq", ++seq);
        event.put("at", TestClock.now().toString());
        return event;
    }

    private JsonNode send(Caller as, List<?> events, List<?> voids) {
        Map<String, Object> batch = school.batch(List.of(), voids, List.of(), List.of());
        batch.put("device", UUID.randomUUID());
        batch.put("events", events);
        Caller.Answer answer = as.post("/api/hall/" + lesson + "/batches", batch);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json().get("receipt");
    }

    private static Map<String, Object> back(Map<String, Object> of) {
        return Map.of(
                "id",
                UUID.randomUUID(),
                "trial",
                of.get("id"),
                "at",
                TestClock.now().toString());
    }

    private Caller.Answer say(String state) {
        return school.as.put("/api/lessons/" + lesson + "/state", Map.of("state", state));
    }

    /** What the records hold of the class beside what was pressed: taught cues, the lesson, the plan in force. */
    private List<Map<String, Object>> records() {
        JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
        List<Map<String, Object>> all = new ArrayList<>(jdbc.sql(
                        "select cue_key, lesson_id, at, by_end from cue_taught where class_id = ? order by cue_key, at")
                .param(curlews)
                .query()
                .listOfRows());
        all.addAll(jdbc.sql("select state, ended_at, whole_in from lesson where unit_id = ? order by position")
                .param(unit)
                .query()
                .listOfRows());
        all.addAll(jdbc.sql("select head_revision from unit where id = ?")
                .param(unit)
                .query()
                .listOfRows());
        return all;
    }

    private List<String> taught() {
        return RunningServer.bean(JdbcClient.class)
                .sql("select cue_key from cue_taught where class_id = ? order by 1")
                .param(curlews)
                .query(String.class)
                .list();
    }

    @Test
    void taughtAndTakenBackLeavesTheRecordsAsTheyWere() {
        String pressed = introduced(first(), 0, 99).get(0);
        school.teach(curlews, pressed);
        List<Map<String, Object>> before = records();
        Map<String, Object> end = end("taught", List.of());
        assertThat(send(school.as, List.of(end), List.of()).get("kept")).hasSize(1);
        assertThat(first().get("state").asString()).isEqualTo("TAUGHT");
        assertThat(taught()).containsAll(introduced(first(), 0, 99)).hasSizeGreaterThan(1);
        send(school.as, List.of(), List.of(back(end)));
        assertThat(records()).isEqualTo(before);
        // The same from the desk.
        assertThat(say("TAUGHT").status()).isEqualTo(204);
        assertThat(records()).isNotEqualTo(before);
        assertThat(say("PLANNED").status()).isEqualTo(204);
        assertThat(records()).isEqualTo(before);
    }

    @Test
    void onlyWhatRanIsTaughtAndWhatDidNotWaitsForALaterLesson() {
        JsonNode whole = first();
        List<String> all = segments(whole);
        int cut = 0;
        while (introduced(whole, cut, 99).size() == introduced(whole, 0, 99).size()) cut++;
        List<String> missed = introduced(whole, cut, 99);
        assertThat(introduced(whole, 0, 99)).hasSizeGreaterThan(missed.size());
        List<Map<String, Object>> before = records();
        Map<String, Object> end = end("cut", all.subList(0, cut));
        send(school.as, List.of(end), List.of());
        assertThat(segments(first())).isEqualTo(all.subList(0, cut));
        assertThat(taught())
                .isEqualTo(introduced(whole, 0, cut).stream().sorted().toList());
        // What was taught is not judged: the lesson that was cut short is no fault of the plan.
        assertThat(first().toString()).doesNotContain("has no closing talk");
        JsonNode after = school.as
                .post("/api/units/" + unit + "/replan", "{}", "If-Match", "*")
                .json();
        List<String> later = new ArrayList<>();
        for (int i = 1; i < 6; i++) later.addAll(introduced(after.get("lessons").get(i), 0, 99));
        assertThat(later).containsAll(missed);
        send(school.as, List.of(), List.of(back(end)));
        assertThat(segments(first())).isEqualTo(all);
        assertThat(taught()).isEmpty();
        assertThat(records()).isNotEqualTo(before);
    }

    @Test
    void whatWasCutShortIsWholeAgainInTheSamePlan() {
        List<String> all = segments(first());
        List<Map<String, Object>> before = records();
        Map<String, Object> end = end("cut", all.subList(0, 2));
        send(school.as, List.of(end), List.of());
        send(school.as, List.of(), List.of(back(end)));
        assertThat(records()).isEqualTo(before);
    }

    @Test
    void aLessonThatDidNotHappenIsLostUntilThatIsTakenBack() {
        List<Map<String, Object>> before = records();
        Map<String, Object> end = end("none", List.of());
        send(school.as, List.of(end), List.of());
        assertThat(first().get("state").asString()).isEqualTo("LOST");
        assertThat(taught()).isEmpty();
        send(school.as, List.of(), List.of(back(end)));
        assertThat(records()).isEqualTo(before);
    }

    /** Two tablets say it; one takes it back; then the other does. */
    @Test
    void twoDevicesMayEachSayIt() {
        Map<String, Object> one = end("taught", List.of());
        Map<String, Object> other = end("taught", List.of());
        send(school.as, List.of(one), List.of());
        send(school.as, List.of(other), List.of());
        int cues = taught().size();
        assertThat(taught()).doesNotHaveDuplicates();
        send(school.as, List.of(), List.of(back(one)));
        assertThat(first().get("state").asString()).isEqualTo("TAUGHT");
        assertThat(taught()).hasSize(cues);
        send(school.as, List.of(), List.of(back(other)));
        assertThat(first().get("state").asString()).isEqualTo("PLANNED");
        // Taken back at the desk, it is not ended by what was said before.
        Map<String, Object> again = end("taught", List.of());
        send(school.as, List.of(again), List.of());
        say("PLANNED");
        Map<String, Object> last = end("taught", List.of());
        send(school.as, List.of(last), List.of());
        send(school.as, List.of(), List.of(back(last)));
        assertThat(first().get("state").asString()).isEqualTo("PLANNED");
    }

    @Test
    void onAnotherDayItStaysAndAnAssistantDoesNotSayIt() {
        Caller assistant = school.member(Role.ASSISTANT, curlews).as();
        assertThat(send(assistant, List.of(end("taught", List.of())), List.of())
                        .get("refused")
                        .get(0)
                        .get("why")
                        .asString())
                .contains("by a teacher of the class");
        Map<String, Object> end = end("taught", List.of());
        send(school.as, List.of(end), List.of());
        RunningServer.bean(JdbcClient.class)
                .sql("update lesson set ended_at = ended_at - interval '2 days' where id = cast(? as uuid)")
                .param(lesson)
                .update();
        assertThat(say("PLANNED").detail()).contains("on the same day only");
        Map<String, Object> batch = school.batch(List.of(), List.of(back(end)), List.of(), List.of());
        assertThat(school.as.post("/api/hall/" + lesson + "/batches", batch).status())
                .isEqualTo(400);
        assertThat(first().get("state").asString()).isEqualTo("TAUGHT");
    }

    @Test
    void theEveningProposesAtMostThreeThingsAndDoesWhatIsSaidYesTo() {
        assertThat(school.as.get("/api/lessons/" + lesson + "/evening").json().get("lines"))
                .isEmpty();
        JsonNode whole = first();
        int cut = 0;
        while (introduced(whole, cut, 99).size() == introduced(whole, 0, 99).size()) cut++;
        send(school.as, List.of(end("cut", segments(whole).subList(0, cut))), List.of());
        JsonNode lines =
                school.as.get("/api/lessons/" + lesson + "/evening").json().get("lines");
        assertThat(lines.size()).isBetween(1, 3);
        Map<String, JsonNode> byKind = new HashMap<>();
        lines.forEach(l -> byKind.put(l.get("about").asString(), l));
        assertThat(byKind).hasSize(lines.size()).containsKeys("LOOK", "CHANGE");
        String next = UnitJson.id(view().get("lessons").get(1));
        String head = view().get("head").asString();
        for (JsonNode line : lines) {
            Caller.Answer answer = school.as.put(
                    "/api/lessons/" + lesson + "/evening/" + line.get("about").asString(), Map.of("yes", true));
            assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        }
        JsonNode hall = school.as.get("/api/hall/" + next).json();
        assertThat(hall.get("firstLooks")).isNotEmpty();
        hall.get("firstLooks")
                .forEach(f -> assertThat(byKind.get("LOOK").get("sentence").asString())
                        .contains(name(hall, f.get("child").asString())));
        assertThat(hall.get("reminders").size()).isEqualTo(byKind.containsKey("FETCH") ? 1 : 0);
        assertThat(view().get("head").asString()).as("planned anew").isNotEqualTo(head);
        // No takes the first looks away again.
        school.as.put("/api/lessons/" + lesson + "/evening/LOOK", Map.of("yes", false));
        assertThat(school.as.get("/api/hall/" + next).json().get("firstLooks")).isEmpty();
    }

    private static String name(JsonNode hall, String child) {
        for (JsonNode row : hall.get("grid").get("rows"))
            if (row.get("child").get("id").asString().equals(child))
                return row.get("child").get("name").asString();
        throw new AssertionError(child);
    }
}
