package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.mastery.Tasks;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** The clock, scores, talk, votes and notes of a lesson, and hits out of tries. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class LessonEventTest {
    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole");
    private final UUID ada = school.children(curlews).get("Ada");
    private final UUID unit = school.unit(curlews, 2, 30);
    private final UUID lesson = UUID.fromString(UnitJson.id(
            school.as.get("/api/units/" + unit).json().get("lessons").get(0)));
    private int seq;

    private Map<String, Object> event(String kind, Map<String, Object> body) {
        Map<String, Object> event = new HashMap<>();
        event.put("id", UUID.randomUUID());
        event.put("lesson", lesson);
        event.put("kind", kind);
        event.put("body", body);
        event.put("seq", ++seq);
        event.put("at", TestClock.now().toString());
        return event;
    }

    private Map<String, Object> hits(int hits, int left) {
        Map<String, Object> set = new HashMap<>();
        set.put("id", UUID.randomUUID());
        set.put("child", ada);
        set.put("lesson", lesson);
        set.put("skill", "underarm-roll");
        set.put("hits", hits);
        set.put("missedLeft", left);
        for (String other : List.of("missedRight", "missedShort", "missedLong", "missed")) set.put(other, 0);
        set.put("distanceMm", 4000);
        set.put("widthMm", 300);
        set.put("side", "LEFT");
        set.put("seq", ++seq);
        set.put("at", TestClock.now().toString());
        return set;
    }

    private JsonNode send(List<?> events, List<?> hits, List<?> voids) {
        Map<String, Object> batch = school.batch(List.of(), voids, List.of(), List.of());
        batch.put("events", events);
        batch.put("hits", hits);
        return school.as.post("/api/hall/" + lesson + "/batches", batch).json().get("receipt");
    }

    private static Map<String, Object> back(Object of) {
        return Map.of(
                "id", UUID.randomUUID(), "trial", of, "at", TestClock.now().toString());
    }

    private JsonNode hall() {
        return school.as.get("/api/hall/" + lesson).json();
    }

    /** How hard a stretch was is its activity at the step that was planned, and at the one that was set while it ran, until that is taken back. */
    @Test
    void whatChildrenDidIsKnownByItsStep() {
        Map<UUID, Tasks.Steps> tasks =
                asSchool(() -> RunningServer.bean(Tasks.class).of(List.of(lesson)));
        List<UUID> planned = new ArrayList<>();
        for (JsonNode s :
                school.as.get("/api/lessons/" + lesson + "/sheet").json().get("segments")) {
            UUID id = UUID.fromString(s.get("id").asString());
            planned.add(id);
            int ladder = s.get("task").get("ladder").size();
            if (ladder > 0)
                assertThat(tasks.get(id).planned())
                        .isEqualTo(s.get("task").get("step").asInt());
            assertThat(tasks.get(id).logits()).hasSize(Math.max(1, ladder)).isSorted();
        }
        assertThat(tasks.keySet()).containsExactlyInAnyOrderElementsOf(planned);
        Map<String, Object> set = event("CLOCK", Map.of("does", "setting", "step", 1));
        set.put("segment", planned.get(1));
        Map<String, Object> begins = event("CLOCK", Map.of("does", "begin"));
        begins.put("segment", planned.get(1));
        send(List.of(begins, set), List.of(), List.of());
        LessonRecords records = RunningServer.bean(LessonRecords.class);
        assertThat(asSchool(() -> records.steps(List.of(lesson)))
                        .get(planned.get(1))
                        .values())
                .containsExactly(1);
        send(List.of(), List.of(), List.of(back(set.get("id"))));
        assertThat(asSchool(() -> records.steps(List.of(lesson)))).isEmpty();
    }

    private <T> T asSchool(Supplier<T> asks) {
        return SchoolScope.call(school.id, asks::get);
    }

    @Test
    void eventsAndHitsAreKeptOnceHoweverOftenTheyAreSentAndComeBackInOrder() {
        List<Map<String, Object>> events =
                List.of(event("CLOCK", Map.of("does", "begin")), event("NOTE", Map.of("text", "Half the balls flat.")));
        List<Map<String, Object>> sets = List.of(hits(3, 2));
        for (int i = 0; i < 3; i++)
            assertThat(send(events, sets, List.of()).get("kept")).hasSize(3);
        assertThat(count("lesson_event")).isEqualTo(2);
        assertThat(count("hit_set")).isEqualTo(1);
        JsonNode kept = hall();
        assertThat(kept.get("events").get(0).get("what").get("kind").asString()).isEqualTo("CLOCK");
        assertThat(kept.get("events").get(1).get("what").get("body").get("text").asString())
                .isEqualTo("Half the balls flat.");
        assertThat(kept.get("hits").get(0).get("missedLeft").asInt()).isEqualTo(2);
        assertThat(kept.get("hits").get(0).get("distanceMm").asInt()).isEqualTo(4000);
    }

    @Test
    void whatWasCountedByMistakeIsTakenBackAndStaysInTheHistory() {
        Map<String, Object> set = hits(5, 0);
        Map<String, Object> note = event("NOTE", Map.of("text", "x"));
        JsonNode receipt = send(List.of(note), List.of(set), List.of(back(set.get("id")), back(note.get("id"))));
        assertThat(receipt.get("kept")).hasSize(4);
        assertThat(hall().get("hits").get(0).get("voided").asBoolean()).isTrue();
        assertThat(hall().get("events").get(0).get("voided").asBoolean()).isTrue();
        assertThat(send(List.of(), List.of(), List.of(back(UUID.randomUUID())))
                        .get("refused")
                        .get(0)
                        .get("why")
                        .asString())
                .isEqualTo("What is to be taken back has not arrived yet.");
    }

    /** On a shared tablet somebody else signs in while presses of the one before still wait. */
    @Test
    void whatOnePersonPressedIsTakenFromNobodyElse() {
        String path = "/api/hall/" + lesson + "/batches";
        Map<String, Object> batch = school.batch(List.of());
        batch.put("events", List.of(event("NOTE", Map.of("text", "x"))));
        assertThat(school.as
                        .post(path, batch, "Person", UUID.randomUUID().toString())
                        .status())
                .isEqualTo(401);
        assertThat(count("lesson_event")).isZero();
        String person = school.as.get("/api/session").json().get("person").asString();
        assertThat(school.as.post(path, batch, "Person", person).status()).isEqualTo(200);
        assertThat(count("lesson_event")).isEqualTo(1);
    }

    @Test
    void whatCannotBeTakenIsRefusedAloneWithItsReason() {
        Map<String, Object> elsewhere = event("CLOCK", Map.of("does", "begin"));
        elsewhere.put("lesson", UUID.randomUUID());
        Map<String, Object> none = hits(0, 0);
        Map<String, Object> moonwalk = hits(1, 0);
        moonwalk.put("skill", "moonwalk");
        JsonNode receipt = send(
                List.of(
                        elsewhere,
                        event("NOTE", Map.of("text", "n".repeat(9000))),
                        event("NOTE", Map.of("text", "kept"))),
                List.of(none, moonwalk),
                List.of());
        assertThat(receipt.get("kept")).hasSize(1);
        assertThat(receipt.get("refused").toString())
                .contains("There is no such lesson")
                .contains("may have 8000")
                .contains("at least one try")
                .contains("no skill with the key (moonwalk)");
    }

    @Test
    void theHallHasEveryStretchWithItsFloorAndTheWayOutOfAnErasedChild() {
        JsonNode stretches = hall().get("stretches");
        assertThat(stretches.size()).isGreaterThan(4);
        int minutes = 0;
        for (JsonNode s : stretches) minutes += s.get("plan").get("minutes").asInt();
        assertThat(minutes).isEqualTo(30);
        assertThat(stretches.get(2).get("floor").get("drawing").get("svg").asString())
                .startsWith("<svg");
        send(
                List.of(
                        event("NOTE", Map.of("text", "left the mat", "child", ada)),
                        event("NOTE", Map.of("text", "rain"))),
                List.of(hits(2, 1)),
                List.of());
        JsonNode file = school.as.get("/api/children/" + ada + "/export").json();
        assertThat(file.get("hits")).hasSize(1);
        assertThat(file.get("notes")).hasSize(1);
        assertThat(file.get("notes").get(0).get("text").asString()).isEqualTo("left the mat");
        // Counts stay without a name, as the school's rule usually says; what was written about the child goes.
        school.as.delete("/api/children/" + ada);
        assertThat(count("lesson_event")).isEqualTo(1);
        assertThat(count("hit_set")).isEqualTo(1);
    }

    @Test
    void countsByNumberComeToTheDeskInSentencesAndOnlyOfChildrenOfTheSchool() {
        UUID ben = school.children(curlews).get("Ben");
        JsonNode receipt = send(
                List.of(
                        event("COUNT", Map.of("what", "together", "children", List.of(ada, ben), "count", 23)),
                        event("COUNT", Map.of("what", "together", "children", List.of(ada, ben), "count", 31)),
                        event("COUNT", Map.of("what", "throw", "children", List.of(ben), "count", 6500)),
                        event("COUNT", Map.of("what", "down", "children", List.of(ada), "count", 2)),
                        event("COUNT", Map.of("what", "streak", "children", List.of(UUID.randomUUID()), "count", 2)),
                        event("COUNT", Map.of("what", "streak", "children", List.of(), "count", 2)),
                        event("COUNT", Map.of("what", "streak", "count", 2))),
                List.of(),
                List.of());
        assertThat(receipt.get("kept")).hasSize(4);
        assertThat(receipt.get("refused")).hasSize(3);
        assertThat(receipt.get("refused").toString())
                .contains("a child that there is not")
                .contains("children ");
        assertThat(school.as
                        .get("/api/hall/" + lesson + "/record")
                        .json()
                        .get("counts")
                        .toString())
                .contains("2 counts by pairs, 54 in all: the most 31, Ada and Ben")
                .contains("1 throw measured: the longest past 6.5 m, Ben")
                .contains("2 knocked down in 1 throw");
        assertThat(school.as.get("/api/children/" + ben + "/export").json().get("counts"))
                .hasSize(3);
    }

    @Test
    void theSideThatWasFoundLastIsTheChildsInWhateverOrderTheFindsArrive() {
        Map<String, Object> later = event("SIDE", Map.of("child", ada, "action", "KICK", "side", "LEFT"));
        Map<String, Object> earlier = at(
                event("SIDE", Map.of("child", ada, "action", "KICK", "side", "RIGHT")),
                TestClock.now().minusSeconds(600));
        assertThat(send(List.of(later), List.of(), List.of()).get("kept")).hasSize(1);
        assertThat(send(List.of(earlier), List.of(), List.of()).get("kept")).hasSize(1);
        assertThat(kicks()).isEqualTo("LEFT");
        // What cannot be read is said of the whole; a device parts it until the one is found.
        Map<String, Object> batch = school.batch(List.of());
        batch.put("events", List.of(event("SIDE", Map.of("child", ada, "action", "KICK", "side", "MIDDLE"))));
        assertThat(school.as.post("/api/hall/" + lesson + "/batches", batch).status())
                .isEqualTo(400);
        send(List.of(event("SIDE", Map.of("child", ada, "action", "KICK", "side", "RIGHT"))), List.of(), List.of());
        assertThat(kicks()).isEqualTo("RIGHT");
    }

    private String kicks() {
        for (JsonNode row : hall().get("grid").get("rows"))
            if (row.get("child").get("id").asString().equals(ada.toString()))
                for (JsonNode side : row.get("child").get("sides"))
                    if (side.get("action").asString().equals("KICK"))
                        return side.get("side").asString();
        return "not settled";
    }

    @Test
    void theBoardReadsOnlyScoresAndACardOfAnyGameIsPrinted() {
        send(
                List.of(
                        event("SCORE", Map.of("score", "g", "game", "hits 5", "sides", List.of("Blue"))),
                        event("NOTE", Map.of("text", "not for the wall"))),
                List.of(),
                List.of());
        JsonNode score = school.as.get("/api/hall/" + lesson + "/score").json();
        assertThat(score.get("events")).hasSize(1);
        assertThat(score.toString()).doesNotContain("not for the wall");
        for (String game : List.of("bowling", "pins TAKE_AWAY 6", "crossing hidden", "tally 2 1,2,3"))
            assertThat(school.as
                            .get("/api/score-cards/paper?game="
                                    + java.net.URLEncoder.encode(game, java.nio.charset.StandardCharsets.UTF_8)
                                    + "&sides=Blue&sides=Orange")
                            .body())
                    .startsWith("%PDF");
        assertThat(school.as.get("/api/score-cards/paper?game=leapfrog").status())
                .isEqualTo(400);
    }

    @Test
    void theDeskReadsWhatCameOfTheLessonWithoutWhatWasTakenBack() {
        Instant start = TestClock.now().minusSeconds(1200);
        Map<String, Object> begin = at(event("CLOCK", Map.of("does", "begin")), start);
        Map<String, Object> pause = at(event("CLOCK", Map.of("does", "pause")), start.plusSeconds(60));
        Map<String, Object> resume = at(event("CLOCK", Map.of("does", "resume")), start.plusSeconds(120));
        Map<String, Object> next = at(event("CLOCK", Map.of("does", "next")), start.plusSeconds(300));
        Map<String, Object> wrong = event("NOTE", Map.of("text", "wrong"));
        String game = hall().get("stretches").get(3).get("plan").get("activity").asString();
        send(
                List.of(
                        begin,
                        pause,
                        resume,
                        next,
                        at(event("CLOCK", Map.of("does", "set")), start.plusSeconds(25)),
                        at(event("CLOCK", Map.of("does", "turn", "child", ada)), start.plusSeconds(130)),
                        at(event("CLOCK", Map.of("does", "turn", "child", ada)), start.plusSeconds(145)),
                        at(event("CLOCK", Map.of("does", "turn", "child", ada)), start.plusSeconds(161)),
                        at(event("CLOCK", Map.of("does", "turn", "child", ada)), start.plusSeconds(180)),
                        wrong,
                        event("NOTE", Map.of("text", "left the mat", "child", ada)),
                        event("TALK", Map.of("part", "learnt", "text", "low is straight")),
                        event("TALK", Map.of("part", "question", "question", "Why low?", "how", "few knew")),
                        event("TALK", Map.of("part", "question", "question", "Why low?", "how", "most knew")),
                        event("VOTE", Map.of("activity", game, "what", "favourite")),
                        event("VOTE", Map.of("activity", game, "what", "hardest"))),
                List.of(hits(3, 2)),
                List.of(back(wrong.get("id"))));
        JsonNode told = school.as.get("/api/hall/" + lesson + "/record").json();
        assertThat(told.get("notes")).hasSize(1);
        assertThat(told.get("notes").get(0).asString())
                .endsWith(": left the mat")
                .startsWith("Ada");
        assertThat(told.get("said").get(0).asString()).isEqualTo("We learnt: low is straight");
        assertThat(told.get("asked")).hasSize(1);
        assertThat(told.get("asked").get(0).asString()).isEqualTo("Why low? most knew");
        assertThat(told.get("votes").get(0).get("favourite").asInt()).isEqualTo(1);
        // Five minutes of which one was a pause.
        assertThat(told.get("minutes").get(0).get("had").asInt()).isEqualTo(4);
        assertThat(told.get("minutes").get(0).get("changeSeconds").asInt()).isEqualTo(25);
        assertThat(told.get("goSeconds").asInt()).isEqualTo(16);
        assertThat(told.get("hits").asInt()).isEqualTo(3);
        assertThat(told.get("tries").asInt()).isEqualTo(5);
    }

    private static Map<String, Object> at(Map<String, Object> event, Instant at) {
        event.put("at", at.toString());
        return event;
    }

    private long count(String table) {
        return RunningServer.bean(JdbcClient.class)
                .sql("select count(*) from " + table + " where school_id = ?")
                .param(school.id)
                .query(Long.class)
                .single();
    }
}
