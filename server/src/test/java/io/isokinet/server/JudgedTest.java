package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.time.Instant;
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

/** What is said beside the count: calls, tests with two trials, tries at home; and what the records say over weeks. */
@ExtendWith(RunningServer.class)
class JudgedTest {
    private static final String SET = "underarm-roll/components";
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole", "Cleo Tern");
    private final UUID ada = school.children(curlews).get("Ada");
    private final UUID ben = school.children(curlews).get("Ben");

    private JsonNode cell(UUID child) {
        return school.cell(curlews, SET, child, FOOT);
    }

    private Map<String, Object> look(UUID child, boolean shown, int minutesAgo) {
        Map<String, Object> trial = new HashMap<>(school.trial(child, FOOT, shown));
        trial.put("at", TestClock.now().minus(minutesAgo, ChronoUnit.MINUTES).toString());
        return trial;
    }

    private Caller.Answer call(Boolean owned, String reason) {
        Map<String, Object> form = new HashMap<>(Map.of("cue", FOOT, "reason", reason));
        form.put("owned", owned);
        return school.as.post("/api/children/" + ada + "/calls", form);
    }

    @Test
    void aTeachersCallStandsWithItsReasonUntilItIsTakenBack() {
        school.teach(curlews, FOOT);
        school.record(List.of(look(ada, false, 9), look(ada, true, 8), look(ada, false, 7)));
        assertThat(cell(ada).get("mark").asString()).isEqualTo("EMERGING");
        assertThat(call(true, "Did it all week in the yard").status()).isEqualTo(204);
        JsonNode called = cell(ada);
        assertThat(called.get("mark").asString()).isEqualTo("SECURE");
        assertThat(called.get("called").asBoolean()).isTrue();
        assertThat(called.get("calledAgainst").asBoolean()).isTrue();
        assertThat(called.get("reason").asString())
                .contains("called it secure")
                .contains("Did it all week in the yard. By the count: Emerging: 1 of the last 3");
        assertThat(called.get("sure").get("word").asString()).isEqualTo("NOT_SURE");
        JsonNode overTime = school.as
                .get("/api/classes/" + curlews + "/over-time?set=" + SET)
                .json();
        assertThat(overTime.get("opinions").toString()).contains("\"Ada\"").contains("in the yard");
        assertThat(call(null, "Too early").status()).isEqualTo(204);
        assertThat(cell(ada).get("mark").asString()).isEqualTo("EMERGING");
        assertThat(call(true, " ").findings()).anyMatch(f -> f.contains("say in a few words why"));
    }

    @Test
    void aCallIsInTheExportOfAChildAndGoesWhenTheChildIsErased() {
        call(true, "Learnt at the sailing club");
        call(null, "Too early");
        JsonNode calls =
                school.as.get("/api/children/" + ada + "/export").json().get("calls");
        assertThat(calls).hasSize(2);
        assertThat(calls.get(0).get("reason").asString()).isEqualTo("Learnt at the sailing club");
        assertThat(calls.get(1).hasNonNull("owned")).isFalse();
        assertThat(school.as.delete("/api/children/" + ada).status()).isLessThan(300);
        assertThat(RunningServer.bean(JdbcClient.class)
                        .sql("select count(*) from mastery_call where child_id = :ada")
                        .param("ada", ada)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    private static final List<String> CRITERIA = List.of(
            "underarm-throw/other-foot", "underarm-throw/swing-back", "underarm-throw/let-go", "underarm-throw/finish");

    private Map<String, Object> formal(UUID sitting, String cue, boolean shown, int secondsAgo) {
        Map<String, Object> trial = new HashMap<>(school.trial(ada, cue, shown));
        trial.put("sitting", sitting);
        trial.put("formal", true);
        trial.put("at", TestClock.now().minusSeconds(secondsAgo).toString());
        return trial;
    }

    private JsonNode tested() {
        for (JsonNode row :
                school.as.get("/api/classes/" + curlews + "/two-trials").json().get("rows"))
            if (row.get("child").asString().equals(ada.toString())) return row;
        throw new AssertionError("Ada is not in the table.");
    }

    @Test
    void aTestIsScoredFromItsTwoTrialsAndComparedWithTheOneBefore() {
        UUID first = UUID.randomUUID();
        List<Object> trials = new ArrayList<>();
        for (int i = 0; i < 4; i++)
            for (int t = 0; t < 2; t++) trials.add(formal(first, CRITERIA.get(i), i < 2, 900 - i * 10 - t));
        school.record(trials.subList(0, 7));
        JsonNode half = tested().get("tests").get("underarm-throw");
        assertThat(half.hasNonNull("score")).isFalse();
        assertThat(half.get("missing").asInt()).isEqualTo(1);
        school.record(trials.subList(7, 8));
        assertThat(tested().get("tests").get("underarm-throw").get("score").asInt())
                .isEqualTo(4);
        assertThat(tested().get("ball").get("of").asInt()).isEqualTo(8);
        assertThat(tested().get("locomotor").get("skills").asInt()).isZero();
        UUID again = UUID.randomUUID();
        List<Object> second = new ArrayList<>();
        for (String cue : CRITERIA) for (int t = 0; t < 2; t++) second.add(formal(again, cue, true, 300 - t));
        school.record(second);
        JsonNode now = tested().get("tests").get("underarm-throw");
        assertThat(now.get("score").asInt()).isEqualTo(8);
        assertThat(now.get("before").asInt()).isEqualTo(4);
        Map<String, Object> loose = formal(again, CRITERIA.get(0), true, 1);
        loose.remove("sitting");
        assertThat(school.record(List.of(loose)).get("refused").toString()).contains("names its sitting");
    }

    /** Skills of the test with their criteria: the greatest scores are 46, 54 and 100 (TGMD-3, from memory). */
    @Test
    void theGreatestScoresOfAllSkillsAreThePublishedOnes() {
        int locomotor = 0;
        int ball = 0;
        for (JsonNode skill :
                school.as.get("/api/classes/" + curlews + "/two-trials").json().get("skills"))
            if (skill.get("locomotor").asBoolean())
                locomotor += skill.get("greatest").asInt();
            else ball += skill.get("greatest").asInt();
        assertThat(List.of(locomotor, ball, locomotor + ball)).containsExactly(46, 54, 100);
    }

    @Test
    void whatComesFromHomeStandsBesideAndNeedsNoLesson() {
        Map<String, Object> home = new HashMap<>();
        home.put("id", UUID.randomUUID());
        home.put("child", ada);
        home.put("kind", "HOME");
        home.put("skill", "underarm-roll");
        home.put("hits", 7);
        for (String other : List.of("missedLeft", "missedRight", "missedShort", "missedLong")) home.put(other, 0);
        home.put("missed", 3);
        home.put("seq", 99);
        home.put("at", TestClock.now().toString());
        Map<String, Object> batch = new HashMap<>(school.batch(List.of()));
        batch.put("hits", List.of(home));
        assertThat(school.as.post("/api/batches", batch).json().get("kept")).hasSize(1);
        JsonNode picture =
                school.as.get("/api/children/" + ada + "/picture?set=" + SET).json();
        assertThat(picture.get("atHome").get(0).asString()).endsWith("Underarm roll, 7 of 10");
        assertThat(picture.get("skills").get(0).get("aims")).isEmpty();
        home.put("id", UUID.randomUUID());
        home.put("kind", "TEACHER");
        batch.put("id", UUID.randomUUID());
        assertThat(school.as.post("/api/batches", batch).body()).contains("no such lesson");
    }

    @Test
    void aLookAtAChildWhoLeftAndAtACueThatWasLetGoIsKept() {
        Caller teacher = school.member(Role.TEACHER, curlews).as();
        RunningServer.bean(JdbcClient.class)
                .sql(
                        "update enrolment set from_day = current_date - 30, to_day = current_date - 1 where child_id = :ben")
                .param("ben", ben)
                .update();
        Map<String, Object> late = school.batch(List.of(look(ben, true, 30)));
        assertThat(teacher.post("/api/batches", late).json().get("kept")).hasSize(1);
        assertThat(school.as.get("/api/children/" + ben + "/trials?cue=" + FOOT).json())
                .hasSize(1);
        UUID dunlins = school.schoolClass("Dunlins", 7, "Finn Reed");
        Map<String, Object> foreign =
                school.batch(List.of(look(school.children(dunlins).get("Finn"), true, 1)));
        assertThat(teacher.post("/api/batches", foreign).json().get("refused")).hasSize(1);
    }

    @Test
    void twoLooksOfOneSecondThatContradictAreBothKept() {
        school.teach(curlews, FOOT);
        String at =
                TestClock.now().minusSeconds(5).truncatedTo(ChronoUnit.SECONDS).toString();
        Map<String, Object> yes = look(ada, true, 0);
        Map<String, Object> no = look(ada, false, 0);
        yes.put("at", at);
        no.put("at", at);
        assertThat(school.record(List.of(yes, no)).get("kept")).hasSize(2);
        assertThat(cell(ada).get("trials").asInt()).isEqualTo(2);
        assertThat(cell(ada).get("shown").asInt()).isEqualTo(1);
        assertThat(cell(ada).get("pips").toString()).isEqualTo("[true,false]");
    }

    @Test
    void overWeeksTheRecordsTellTrendsDoseAndWhoWasOverlooked() {
        UUID unit = school.unit(curlews, 2, 30, SET);
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        String first = lessons.get(0).get("id").asString();
        school.as.put("/api/lessons/" + first + "/state", Map.of("state", "TAUGHT"));
        school.teach(curlews, FOOT);
        List<Object> looks = new ArrayList<>();
        for (int i = 0; i < 6; i++) looks.add(look(ada, i == 1, 60 - i));
        for (int i = 0; i < 5; i++) looks.add(look(ben, true, 50 - i));
        looks.add(look(school.children(curlews).get("Cleo"), true, 40));
        school.record(looks);
        Map<String, Object> showed = new HashMap<>();
        showed.put("id", UUID.randomUUID());
        showed.put("lesson", first);
        showed.put("kind", "SHOWED");
        showed.put("body", Map.of("child", ben, "cue", FOOT));
        showed.put("seq", 500);
        showed.put("at", TestClock.now().toString());
        Map<String, Object> batch = new HashMap<>(school.batch(List.of()));
        batch.put("events", List.of(showed));
        assertThat(school.as.post("/api/batches", batch).json().get("kept")).hasSize(1);
        JsonNode over = school.as
                .get("/api/classes/" + curlews + "/over-time?set=" + SET)
                .json();
        assertThat(over.get("trends").get(0).get("trend").asString()).isEqualTo("STALLED");
        assertThat(over.get("trends").get(0).get("children").toString()).startsWith("[\"Ada (there ");
        assertThat(over.get("middle").asDouble()).isEqualTo(5);
        assertThat(over.get("overlooked")).hasSize(1);
        JsonNode bens = over.get("attention").get(1);
        assertThat(bens.get("name").asString()).isEqualTo("Ben");
        assertThat(bens.get("shown").asInt()).isEqualTo(1);
        JsonNode dose = over.get("doses").get(0);
        assertThat(dose.get("soFar").asInt()).isPositive();
        assertThat(dose.get("planned").asInt()).isPositive();
        assertThat(dose.get("sentence").asString()).contains("240 to 600");
    }

    private Map<String, Object> clock(String lesson, String does, Instant at, int seq) {
        return Map.of(
                "id",
                UUID.randomUUID(),
                "lesson",
                lesson,
                "kind",
                "CLOCK",
                "body",
                Map.of("does", does),
                "seq",
                seq,
                "at",
                at.toString());
    }

    @Test
    void ownMinutesAreLearntFromTheClockAndTheOverrunIsNamed() {
        UUID unit = school.unit(curlews, 2, 30, SET);
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        String first = lessons.get(0).get("id").asString();
        String second = lessons.get(1).get("id").asString();
        String path = "/api/lessons/" + second + "/forecast";
        assertThat(school.as.get(path).json().get("sentence").asString())
                .startsWith("Nothing is known of your minutes");
        // Every stretch takes one and a half times as long as planned.
        Instant at = TestClock.now().minus(3, ChronoUnit.HOURS);
        List<Object> events = new ArrayList<>();
        events.add(clock(first, "begin", at, 1));
        int seq = 1;
        for (JsonNode s : lessons.get(0).get("segments")) {
            at = at.plusSeconds(90L * s.get("minutes").asInt());
            events.add(clock(first, "next", at, ++seq));
        }
        Map<String, Object> batch = new HashMap<>(school.batch(List.of()));
        batch.put("events", events);
        assertThat(school.as.post("/api/batches", batch).json().get("kept")).hasSize(events.size());
        JsonNode forecast = school.as.get(path).json();
        assertThat(forecast.get("sentence").asString()).contains("over. Most of it is");
        assertThat(forecast.get("high").asInt()).isGreaterThan(30);
        assertThat(forecast.get("low").asInt()).isLessThan(forecast.get("high").asInt());
        assertThat(forecast.get("habits")).anyMatch(h -> h.asString().startsWith("practice: 1."));
        Caller other = school.member(Role.TEACHER, curlews).as();
        assertThat(other.get(path).json().get("sentence").asString()).startsWith("Nothing is known");
    }
}
