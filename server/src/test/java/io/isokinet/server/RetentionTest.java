package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.keeping.Retention;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** How long what is kept, what goes in the night, and a child's name in what people wrote. */
@ExtendWith(RunningServer.class)
class RetentionTest {
    private final TestSchool school = TestSchool.make();
    private static final String CUE = "underarm-roll/other-foot";
    private UUID curlews;
    private Map<String, UUID> children;

    @BeforeEach
    void aClass() {
        List<String> names = new ArrayList<>(List.of("Zo\u00eb Gull", "Ben Tern", "Cam Auk"));
        names.addAll(List.of(TestSchool.names(9)));
        curlews = school.schoolClass("Curlews", 7, names.toArray(String[]::new));
        children = school.children(curlews);
    }

    private int change(String sql, Object... values) {
        return RunningServer.bean(JdbcClient.class).sql(sql).params(values).update();
    }

    /** What the school holds, as one text. */
    private String held(String what, String table) {
        return RunningServer.bean(JdbcClient.class)
                .sql("select coalesce(string_agg(" + what + ", ' '), '') from " + table + " where school_id = ?")
                .param(school.id)
                .query(String.class)
                .single();
    }

    private void event(UUID lesson, String kind, Map<String, Object> body) {
        Map<String, Object> batch = school.batch(List.of());
        batch.put(
                "events",
                List.of(Map.of(
                        "id",
                        UUID.randomUUID(),
                        "lesson",
                        lesson,
                        "kind",
                        kind,
                        "body",
                        body,
                        "seq",
                        1,
                        "at",
                        TestClock.now().toString())));
        assertThat(school.as.post("/api/batches", batch).json().get("kept")).hasSize(1);
    }

    private JsonNode rule(String kind, Integer months) {
        Map<String, Object> form = new HashMap<>();
        form.put("months", months);
        Caller.Answer answer = school.as.put("/api/keeping/" + kind, form);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private List<Retention.Expiry> night() {
        try (var scope = SchoolScope.enter(school.id)) {
            return RunningServer.bean(Retention.class).apply();
        }
    }

    private void leftMonthsAgo(String child, int months) {
        change(
                "update enrolment set from_day = '2000-01-01', to_day = ? where child_id = ?",
                java.sql.Date.valueOf(TestClock.today().minusMonths(months)),
                children.get(child));
    }

    @Test
    void childrenWhoLeftGoAfterTheirMonthsAndNotADayBefore() {
        leftMonthsAgo("Ben", 13);
        leftMonthsAgo("Cam", 12);
        JsonNode going = rule("LEFT_CHILDREN", 12).get("going").get(0);
        assertThat(going.get("names")).extracting(JsonNode::asString).containsExactly("Ben Tern");
        // Nothing goes before the night.
        assertThat(school.as
                        .get("/api/children/" + children.get("Ben"))
                        .json()
                        .path("child")
                        .path("given")
                        .asString())
                .isEqualTo("Ben");
        assertThat(night()).extracting(Retention.Expiry::count).containsExactly(1);
        assertThat(school.as.get("/api/children/" + children.get("Ben")).body()).doesNotContain("Tern");
        assertThat(school.as.get("/api/children/" + children.get("Cam")).body()).contains("Auk");
        assertThat(school.as.get("/api/audit").body())
                .contains("by the rule of what is kept")
                .doesNotContain("Ben Tern");
        assertThat(night()).isEmpty();
    }

    @Test
    void withoutARuleNothingGoes() {
        leftMonthsAgo("Ben", 200);
        rule("LEFT_CHILDREN", 12);
        assertThat(rule("LEFT_CHILDREN", null).get("going")).isEmpty();
        assertThat(night()).isEmpty();
        assertThat(school.as.put("/api/keeping/LOOKS", Map.of("months", 3)).status())
                .isEqualTo(400);
        assertThat(school.as.put("/api/keeping/NOTES", Map.of("months", 0)).status())
                .isEqualTo(400);
    }

    @Test
    void oldNotesGoAndTheLooksOfTheirLessonStay() {
        UUID lesson = school.lesson(curlews);
        event(lesson, "NOTE", Map.of("text", "Zo\u00eb helped Ben Tern up", "child", children.get("Ben")));
        event(lesson, "CLOCK", Map.of("does", "begin"));
        school.record(List.of(school.trial(children.get("Ben"), CUE, true)));
        change("update lesson_event set at = at - interval '25 months' where school_id = ?", school.id);
        rule("NOTES", 24);
        assertThat(night()).extracting(Retention.Expiry::count).containsExactly(1);
        assertThat(school.as
                        .get("/api/children/" + children.get("Ben") + "/trials?cue=" + CUE)
                        .json())
                .hasSize(1);
        assertThat(held("kind", "lesson_event")).isEqualTo("CLOCK");
    }

    @Test
    void aNameIsTakenOutOfTheTextsThatAPersonConfirms() {
        UUID lesson = school.lesson(curlews);
        event(lesson, "NOTE", Map.of("text", "Ben and ZOE swap; Zoela not"));
        event(lesson, "TALK", Map.of("part", "learnt", "text", "The gull flies high"));
        Map<String, Object> trial = school.trial(children.get("Ben"), CUE, false);
        trial.put("fault", "stands in Zo\u00eb Gull's way");
        school.record(List.of(trial));
        String path = "/api/children/" + children.get("Zo\u00eb") + "/mentions";
        JsonNode found = school.as.get(path).json();
        assertThat(found.valueStream().map(m -> m.get("text").asString()))
                .contains("Ben and ZOE swap; Zoela not", "The gull flies high", "stands in Zo\u00eb Gull's way");
        assertThat(found.valueStream().filter(m -> m.get("fullName").asBoolean()))
                .hasSizeGreaterThanOrEqualTo(1);
        List<String> confirmed = found.valueStream()
                .filter(m -> !m.get("text").asString().contains("flies"))
                .map(m -> m.get("key").asString())
                .toList();
        school.as.post(path, Map.of("keys", confirmed));
        school.as.delete("/api/children/" + children.get("Zo\u00eb"));
        String everything =
                held("body::text", "lesson_event") + held("fault", "trial") + held("what || details", "audit");
        assertThat(everything)
                .contains("Ben and [name taken out] swap; Zoela not", "The gull flies high")
                .contains("stands in [name taken out] [name taken out]'s way")
                .doesNotContain("Zo\u00eb")
                .doesNotContain("ZOE");
    }

    /** What stands in place of a name is longer than most names; and a look that is kept aside may name a child too. */
    @Test
    void aLongTextAndWhatIsKeptAsideLoseTheNameToo() {
        UUID unit = school.unit(curlews, 1, 30);
        change("update unit set title = rpad('Ben and Ben', 120, ' Ben') where id = ?", unit);
        Map<String, Object> first = school.trial(children.get("Cam"), CUE, true);
        school.record(List.of(first));
        Map<String, Object> other = new HashMap<>(first);
        other.put("shown", false);
        other.put("fault", "looks at Ben");
        school.record(List.of(other));
        String path = "/api/children/" + children.get("Ben") + "/mentions";
        List<String> keys = school.as
                .get(path)
                .json()
                .valueStream()
                .map(m -> m.get("key").asString())
                .toList();
        assertThat(school.as.post(path, Map.of("keys", keys)).status()).isEqualTo(200);
        assertThat(held("title", "unit") + held("payload ->> 'fault'", "trial_conflict"))
                .contains("looks at [name taken out]")
                .doesNotContain("Ben");
    }

    @Test
    void whatIsKeptIsSaidForTheRegister() {
        JsonNode kinds = school.as.get("/api/keeping").json().get("kinds");
        assertThat(kinds).hasSize(10).allMatch(k -> k.get("where").asString().length() > 5);
        assertThat(kinds)
                .anyMatch(k -> k.get("kind").asString().equals("BACKUPS")
                        && k.get("howLong").asString().contains("erased"));
    }

    @Test
    void aLookThatCameTwiceWaitsForTheLeadWhoDecides() {
        UUID ben = children.get("Ben");
        for (String decision : List.of("LEFT", "REPLACED", "COUNTED")) {
            Map<String, Object> first = school.trial(ben, CUE, true);
            school.record(List.of(first));
            Map<String, Object> other = new HashMap<>(first);
            other.put("shown", false);
            school.record(List.of(other));
            // Sent once more it does not wait twice.
            school.record(List.of(other));
            JsonNode waiting = school.as.get("/api/kept-aside").json();
            assertThat(waiting).hasSize(1);
            assertThat(waiting.get(0).at("/counts/shown").asBoolean()).isTrue();
            assertThat(waiting.get(0).at("/waits/shown").asBoolean()).isFalse();
            assertThat(waiting.get(0).at("/waits/child").asString()).isEqualTo("Ben Tern");
            String path = "/api/kept-aside/" + waiting.get(0).get("id").asLong();
            assertThat(school.as.post(path, Map.of("decision", decision)).json())
                    .isEmpty();
            assertThat(school.as.post(path, Map.of("decision", decision)).status())
                    .isEqualTo(404);
        }
        List<String> counts = school.as
                .get("/api/children/" + ben + "/trials?cue=" + CUE)
                .json()
                .valueStream()
                .filter(t -> !t.get("voided").asBoolean())
                .map(t -> t.get("shown").asString())
                .toList();
        assertThat(counts).containsExactlyInAnyOrder("true", "false", "true", "false");
    }
}
