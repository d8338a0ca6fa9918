package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class BatchTest {
    private static final String CUE = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole");
    private final UUID ada = school.children(curlews).get("Ada");

    private long count(String table) {
        return RunningServer.bean(JdbcClient.class)
                .sql("select count(*) from " + table + " where school_id = ?")
                .param(school.id)
                .query(Long.class)
                .single();
    }

    private JsonNode history() {
        return school.as.get("/api/children/" + ada + "/trials?cue=" + CUE).json();
    }

    @Test
    void aBatchIsKeptOnceHoweverOftenItIsSent() {
        Map<String, Object> batch = school.batch(List.of(school.trial(ada, CUE, true), school.trial(ada, CUE, false)));
        for (int i = 0; i < 3; i++) {
            JsonNode receipt = school.as.post("/api/batches", batch).json();
            assertThat(receipt.get("kept")).hasSize(2);
            assertThat(receipt.get("conflicts")).isEmpty();
        }
        assertThat(count("trial")).isEqualTo(2);
        assertThat(count("batch")).isEqualTo(1);
    }

    private JsonNode sent(Caller as, String kind, Map<String, Object> entry) {
        Map<String, Object> batch = new HashMap<>(school.batch(List.of()));
        batch.put(kind, List.of(entry));
        return as.post("/api/batches", batch).json();
    }

    /** Everybody writes for the classes given to them: of others neither notes, nor the register, nor what was seen. */
    @Test
    void entriesAboutAnotherClassAreRefusedOneByOne() {
        UUID terns = school.schoolClass("Terns", 7, "Cleo Reed", "Dov Sole");
        UUID cleo = school.children(terns).get("Cleo");
        Caller assistant = school.member(Role.ASSISTANT, curlews).as();
        UUID own = school.lesson(curlews);
        UUID other = school.lesson(terns);
        String now = TestClock.now().toString();

        Map<String, Object> note = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID(),
                "lesson",
                own,
                "kind",
                "NOTE",
                "seq",
                1,
                "at",
                now,
                "body",
                Map.of("text", "cries easily", "child", cleo)));
        assertThat(sent(assistant, "events", note).get("refused")).hasSize(1);
        note.put("body", Map.of("text", "left foot forward", "child", ada));
        assertThat(sent(assistant, "events", note).get("kept")).hasSize(1);

        Map<String, Object> elsewhere = school.trial(ada, CUE, true);
        elsewhere.put("lesson", other);
        assertThat(sent(assistant, "trials", elsewhere).get("refused")).hasSize(1);
        elsewhere.put("lesson", own);
        assertThat(sent(assistant, "trials", elsewhere).get("kept")).hasSize(1);
        // A lead has every class, and still no child in another's lesson.
        Map<String, Object> mixed = school.trial(cleo, CUE, true);
        mixed.put("lesson", own);
        assertThat(sent(school.as, "trials", mixed).get("refused")).hasSize(1);

        Map<String, Object> present = new HashMap<>(
                Map.of("id", UUID.randomUUID(), "lesson", other, "child", ada, "present", false, "at", now));
        assertThat(sent(assistant, "register", present).get("refused")).hasSize(1);
        present.put("lesson", own);
        assertThat(sent(assistant, "register", present).get("kept")).hasSize(1);

        Map<String, Object> theirs = school.trial(cleo, CUE, true);
        school.record(List.of(theirs));
        Map<String, Object> takenBack = Map.of("id", UUID.randomUUID(), "trial", theirs.get("id"), "at", now);
        assertThat(sent(assistant, "voids", takenBack)
                        .get("refused")
                        .get(0)
                        .get("why")
                        .asString())
                .isEqualTo("What is to be taken back is not of a class given to you.");
        assertThat(sent(school.as, "voids", takenBack).get("kept")).hasSize(1);
    }

    /** What the door refuses is said in words and by its field; what it takes is one name, however it was typed. */
    @Test
    void textComesInThroughOneDoor() {
        Map<String, Object> trial = school.trial(ada, CUE, false);
        trial.put("fault", "stiff\u0000arm");
        Caller.Answer refused = school.as.post("/api/batches", school.batch(List.of(trial)));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.findings())
                .containsExactly("trials.[0].fault: holds a character that cannot be shown (U+0000)."
                        + " Type the text anew; copied text may bring such along.");
        Map<String, Object> hole = new HashMap<>(school.batch(List.of()));
        hole.put("trials", java.util.Arrays.asList((Object) null));
        assertThat(school.as.post("/api/batches", hole).status()).isEqualTo(400);
        hole = new HashMap<>(school.batch(List.of()));
        hole.put("clock", "half past nine");
        assertThat(school.as.post("/api/batches", hole).findings())
                .containsExactly("clock: must be a moment between 1900 and 2200, such as 2027-01-31T09:15:00Z.");
        hole.put("clock", "+999999999-12-31T00:00:00Z");
        assertThat(school.as.post("/api/batches", hole).status()).isEqualTo(200);
        assertThat(school.as.get("/api/term?on=+999999999-12-31").status()).isIn(200, 400);
        assertThat(school.as.get("/api/children/" + ada + "/trials?cue=a%00b").status())
                .isEqualTo(400);
        UUID composed = school.schoolClass("Knots", 7, "Zoe\u0308 Moss");
        assertThat(school.children(composed)).containsOnlyKeys("Zo\u00eb");
    }

    /** Failures below the controllers are said in the same way, and none as a page. */
    @Test
    void failuresBelowTheControllersAreProblemsToo() throws Exception {
        for (String line : List.of("GET /api/classes?a=|^ HTTP/1.1", "GET /api/%zz HTTP/1.1", "NONSENSE"))
            try (java.net.Socket socket = new java.net.Socket(
                    "127.0.0.1", java.net.URI.create(RunningServer.address()).getPort())) {
                socket.getOutputStream().write((line + "\r\nHost: localhost\r\nConnection: close\r\n\r\n").getBytes());
                String answer = new String(socket.getInputStream().readAllBytes());
                assertThat(answer)
                        .as(line)
                        .startsWith("HTTP/1.1 400")
                        .contains("application/problem+json", "\"status\":400");
                assertThat(answer).doesNotContain("<html", "java.", "org.apache");
            }
    }

    @Test
    void theSameIdWithAnotherContentIsKeptAsideAndTheFirstCounts() {
        Map<String, Object> trial = school.trial(ada, CUE, true);
        school.record(List.of(trial));
        Map<String, Object> other = new HashMap<>(trial);
        other.put("shown", false);
        JsonNode receipt = school.record(List.of(other));
        assertThat(receipt.get("conflicts").get(0).asString())
                .isEqualTo(trial.get("id").toString());
        assertThat(history()).hasSize(1);
        assertThat(history().get(0).get("shown").asBoolean()).isTrue();
        assertThat(count("trial_conflict")).isEqualTo(1);
    }

    @Test
    void theSameIdTwiceInOneBatchIsOneLookAndAnotherContentIsKeptAside() {
        Map<String, Object> trial = school.trial(ada, CUE, true);
        Map<String, Object> other = new HashMap<>(trial);
        other.put("shown", false);
        JsonNode receipt = school.record(List.of(trial, new HashMap<>(trial), other));
        assertThat(receipt.get("kept")).hasSize(2);
        assertThat(receipt.get("conflicts")).hasSize(1);
        assertThat(history()).hasSize(1);
        assertThat(count("trial_conflict")).isEqualTo(1);
    }

    @Test
    void whatIsWrittenDownIsWhatWasSent() {
        Map<String, Object> trial = school.trial(ada, CUE, false);
        Instant at = TestClock.now().minusSeconds(90).truncatedTo(ChronoUnit.MILLIS);
        trial.put("at", at.toString());
        trial.put("side", "LEFT");
        trial.put("fault", "The \"ball\" hops, “high”");
        trial.put("sitting", UUID.randomUUID());
        trial.put("setting", "GAME");
        school.record(List.of(trial));
        JsonNode look = history().get(0);
        assertThat(look.get("shown").asBoolean()).isFalse();
        assertThat(look.get("side").asString()).isEqualTo("LEFT");
        assertThat(look.get("fault").asString()).isEqualTo("The \"ball\" hops, “high”");
        assertThat(look.get("setting").asString()).isEqualTo("GAME");
        assertThat(Instant.parse(look.get("seenAt").asString())).isEqualTo(at);
        assertThat(look.get("sitting").asString())
                .isEqualTo(trial.get("sitting").toString());
    }

    /** Pressed by a device that lost its running number: nothing else tells it from the one before, and nothing is lost. */
    @Test
    void aRunningNumberThatBeginsAnewLosesNothing() {
        Map<String, Object> first = school.trial(ada, CUE, true);
        Map<String, Object> second = school.trial(ada, CUE, true);
        second.put("seq", first.get("seq"));
        school.record(List.of(first));
        assertThat(school.record(List.of(second)).get("kept")).hasSize(1);
        assertThat(count("trial")).isEqualTo(2);
        assertThat(count("trial_conflict")).isZero();
    }

    @Test
    void oneThatCannotBeTakenDoesNotHoldUpTheOthers() {
        Map<String, Object> unknownCue = school.trial(ada, "underarm-roll/moonwalk", true);
        Map<String, Object> unknownChild = school.trial(UUID.randomUUID(), CUE, true);
        Map<String, Object> unknownLesson = school.trial(ada, CUE, true);
        unknownLesson.put("lesson", UUID.randomUUID());
        JsonNode receipt =
                school.record(List.of(unknownCue, unknownChild, unknownLesson, school.trial(ada, CUE, true)));
        assertThat(receipt.get("kept")).hasSize(1);
        List<String> why = new ArrayList<>();
        receipt.get("refused").forEach(r -> why.add(r.get("why").asString()));
        assertThat(why)
                .containsExactly(
                        "There is no cue with the key (underarm-roll/moonwalk).",
                        "There is no such child in this school, or not in the classes given to you.",
                        "There is no such lesson of this child's class in the classes given to you.");
    }

    @Test
    void aClockThatIsADayOffIsCorrected() {
        Instant wrong = TestClock.now().minus(1, ChronoUnit.DAYS);
        Map<String, Object> trial = school.trial(ada, CUE, true);
        trial.put("at", wrong.toString());
        Map<String, Object> batch = school.batch(List.of(trial));
        batch.put("clock", wrong.plusSeconds(30).toString());
        school.as.post("/api/batches", batch);
        Instant seen = Instant.parse(history().get(0).get("seenAt").asString());
        assertThat(ChronoUnit.SECONDS.between(seen, TestClock.now())).isBetween(20L, 60L);
    }

    /** The tablet's clock was a year late and was set right before it sent: nothing is filed a year ago. */
    @Test
    void aClockThatIsSetBetweenPressAndSendingFilesUnderTheLesson() {
        UUID lesson = school.lesson(curlews);
        Map<String, Object> early = school.trial(ada, CUE, true);
        early.put("lesson", lesson);
        early.put("at", "0001-01-01T00:00:00Z");
        Map<String, Object> late = school.trial(ada, CUE, true);
        late.put("lesson", lesson);
        late.put("at", TestClock.now().plus(365, ChronoUnit.DAYS).toString());
        school.record(List.of(early, late));
        assertThat(history())
                .allMatch(t -> Instant.parse(t.get("seenAt").asString())
                        .atZone(ZoneId.of("Europe/London"))
                        .toLocalDate()
                        .equals(TestClock.today()))
                .extracting(t -> t.get("doubt").asString())
                .containsExactlyInAnyOrder("FAR_FROM_LESSON", "AFTER_SENDING");
    }

    @Test
    void aLookFromTheFutureIsAsOfNow() {
        Map<String, Object> trial = school.trial(ada, CUE, true);
        trial.put("at", TestClock.now().plus(3, ChronoUnit.HOURS).toString());
        school.record(List.of(trial));
        assertThat(Instant.parse(history().get(0).get("seenAt").asString())).isBeforeOrEqualTo(TestClock.now());
    }

    @Test
    void aVoidTakesATrialBackAndTheHistoryKeepsIt() {
        Map<String, Object> trial = school.trial(ada, CUE, false);
        school.teach(curlews, CUE);
        school.record(List.of(trial));
        Map<String, Object> back = Map.of(
                "id",
                UUID.randomUUID(),
                "trial",
                trial.get("id"),
                "at",
                TestClock.now().toString());
        JsonNode receipt = school.as
                .post("/api/batches", school.batch(List.of(), List.of(back), List.of(), List.of()))
                .json();
        assertThat(receipt.get("kept")).hasSize(1);
        assertThat(history().get(0).get("voided").asBoolean()).isTrue();
        assertThat(school.cell(curlews, "underarm-roll/components", ada, CUE)
                        .get("mark")
                        .asString())
                .isEqualTo("NOT_SEEN");
    }

    @Test
    void aVoidOfWhatHasNotArrivedIsGivenBack() {
        Map<String, Object> back = Map.of(
                "id",
                UUID.randomUUID(),
                "trial",
                UUID.randomUUID(),
                "at",
                TestClock.now().toString());
        JsonNode receipt = school.as
                .post("/api/batches", school.batch(List.of(), List.of(back), List.of(), List.of()))
                .json();
        assertThat(receipt.get("refused").get(0).get("why").asString()).contains("has not arrived yet");
    }

    @Test
    void trialAndVoidMayComeInOneBatch() {
        Map<String, Object> trial = school.trial(ada, CUE, true);
        Map<String, Object> back = Map.of(
                "id",
                UUID.randomUUID(),
                "trial",
                trial.get("id"),
                "at",
                TestClock.now().toString());
        JsonNode receipt = school.as
                .post("/api/batches", school.batch(List.of(trial), List.of(back), List.of(), List.of()))
                .json();
        assertThat(receipt.get("kept")).hasSize(2);
    }

    @Test
    void theRegistersLastDecisionWins() {
        UUID unit = school.unit(curlews, 1, 30);
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        for (boolean present : new boolean[] {false, true, false}) {
            Map<String, Object> entry = Map.of(
                    "id",
                    UUID.randomUUID(),
                    "lesson",
                    lesson,
                    "child",
                    ada,
                    "present",
                    present,
                    "at",
                    TestClock.now().toString());
            school.as.post("/api/batches", school.batch(List.of(), List.of(), List.of(entry), List.of()));
        }
        JsonNode away = school.as.get("/api/hall/" + lesson).json().get("away");
        assertThat(away).hasSize(1);
        assertThat(away.get(0).asString()).isEqualTo(ada.toString());
        assertThat(count("register_event")).isEqualTo(3);
    }

    @Test
    void tooMuchAtOnceOrAnUnreadableEntryNamesItsField() {
        List<Object> many = new ArrayList<>();
        for (int i = 0; i < 501; i++) many.add(school.trial(ada, CUE, true));
        assertThat(school.as.post("/api/batches", school.batch(many)).findings())
                .containsExactly("trials: has at most 500 entries; send several batches");
        Map<String, Object> odd = school.trial(ada, CUE, true);
        odd.put("setting", "DANCE");
        Caller.Answer answer = school.as.post("/api/batches", school.batch(List.of(odd)));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.findings().get(0)).startsWith("trials.[0].setting");
        Map<String, Object> hollow = school.trial(ada, CUE, true);
        hollow.remove("child");
        assertThat(school.as.post("/api/batches", school.batch(List.of(hollow))).findings())
                .containsExactly("trials[0].child: is needed");
    }
}
