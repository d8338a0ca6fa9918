package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import io.isokinet.server.keeping.Removals;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
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
        JsonNode kept = verdict(school.as, UUID.randomUUID(), truth).json();
        assertThat(kept.get("next").asString()).isEqualTo("FOURTH");
        JsonNode right = kept.get("verdict");
        assertThat(right.get("right").get("of").asInt()).isEqualTo(12);
        assertThat(right.get("truth").get("kappa").asDouble()).isEqualTo(1);
        assertThat(right.has("colleague")).isFalse();
        assertThat(right.get("seconds").asDouble()).isEqualTo(3);
        JsonNode blind = verdict(school.as, UUID.randomUUID(), always).json().get("verdict");
        assertThat(blind.get("alarms").get("of").asInt()).isEqualTo(12 - there);
        assertThat(blind.get("misses").get("of").asInt()).isZero();
        assertThat(verdict(school.as, UUID.randomUUID(), truth.subList(0, 3)).status())
                .isEqualTo(400);
    }

    private static Caller.Answer verdict(Caller who, UUID id, List<Map<String, Object>> answers) {
        return who.put(
                "/api/eye/rounds/" + id,
                Map.of("cue", STEP, "level", "THIRD", "stand", "BEST", "age", 8, "seed", 42, "answers", answers));
    }

    /** Answers to the round that {@link #verdict} is about, by what is there. */
    private List<Map<String, Object>> answers(UnaryOperator<Boolean> pressed, @Nullable UnaryOperator<Boolean> second) {
        List<Map<String, Object>> answers = new ArrayList<>();
        for (JsonNode c : school.as
                .get("/api/eye/round?cue=" + STEP + "&level=THIRD&age=8&seed=42")
                .json()
                .get("children")) {
            boolean there = c.get("shown").asBoolean();
            Map<String, Object> answer = new HashMap<>(Map.of("shown", pressed.apply(there), "seconds", 2));
            if (second != null) answer.put("second", second.apply(there));
            answers.add(answer);
        }
        return answers;
    }

    /** Rounds are kept once, and are their maker's own: nobody else reads them, not even who leads the school. */
    @Test
    void roundsAreOnesOwn() {
        TestSchool.Member helper = school.member(Role.ASSISTANT);
        UUID id = UUID.randomUUID();
        verdict(helper.as(), id, answers(there -> there, there -> true));
        verdict(helper.as(), id, answers(there -> there, there -> true));
        JsonNode own = helper.as().get("/api/eye/mine").json();
        assertThat(own.get("rounds").asInt()).isEqualTo(1);
        assertThat(own.get("all").get("colleague").get("pairs").asInt()).isEqualTo(12);
        assertThat(own.get("cues").get(0).get("right").get("of").asInt()).isEqualTo(12);
        assertThat(own.get("days").size()).isEqualTo(1);
        assertThat(own.get("secondsALook").asDouble()).isEqualTo(2);
        assertThat(own.get("leave").asBoolean()).isFalse();
        assertThat(school.as.get("/api/eye/mine").json().get("rounds").asInt()).isZero();
        // Two who judge the same children both do so, or one is alone.
        List<Map<String, Object>> half = answers(there -> there, there -> there);
        half.get(0).remove("second");
        assertThat(verdict(helper.as(), UUID.randomUUID(), half).status()).isEqualTo(400);
        helper.as().delete("/api/eye/rounds");
        assertThat(helper.as().get("/api/eye/mine").json().get("rounds").asInt())
                .isZero();
    }

    /** Who left the school takes the rounds along: a month later they are gone. */
    @Test
    void roundsGoWithWhoLeft() {
        TestSchool.Member helper = school.member(Role.ASSISTANT);
        verdict(helper.as(), UUID.randomUUID(), answers(there -> there, null));
        helper.as().put("/api/eye/leave", Map.of("given", true));
        assertThat(kept(helper)).isEqualTo(2);
        night();
        assertThat(kept(helper)).isEqualTo(2);
        RunningServer.bean(JdbcClient.class)
                .sql("update membership set ended_at = ? where person_id = ?")
                .params(Timestamp.from(TestClock.now().minus(Duration.ofDays(31))), helper.id())
                .update();
        night();
        assertThat(kept(helper)).isZero();
    }

    private void night() {
        SchoolScope.call(school.id, () -> {
            RunningServer.bean(Removals.class).forget();
            return null;
        });
    }

    private static int kept(TestSchool.Member who) {
        return RunningServer.bean(JdbcClient.class)
                .sql("""
                        select (select count(*) from eye_round where person_id = :person)
                            + (select count(*) from eye_leave where person_id = :person)""")
                .param("person", who.id())
                .query(Integer.class)
                .single();
    }

    /**
     * Who presses shown whatever there is tells little with it: with leave, what is believed of a child at whom such an eye looked goes down, and
     * comes back when the leave is taken back.
     */
    @Test
    void withLeaveAnEyeIsKnownToTheBelief() {
        UUID schoolClass = school.schoolClass("Terns", 8, "Ada", "Ben", "Cleo");
        school.teach(schoolClass, STEP);
        UUID ada = school.children(schoolClass).get("Ada");
        List<Map<String, Object>> looks = new ArrayList<>();
        for (int i = 0; i < 3; i++) looks.add(school.trial(ada, STEP, true));
        school.record(looks);
        String sure = sureness(schoolClass, ada);
        for (int i = 0; i < 4; i++) verdict(school.as, UUID.randomUUID(), answers(there -> true, null));
        assertThat(sureness(schoolClass, ada)).isEqualTo(sure);
        school.as.put("/api/eye/leave", Map.of("given", true));
        assertThat(sureness(schoolClass, ada)).isNotEqualTo(sure);
        school.as.put("/api/eye/leave", Map.of("given", true));
        school.as.put("/api/eye/leave", Map.of("given", false));
        assertThat(sureness(schoolClass, ada)).isEqualTo(sure);
    }

    private String sureness(UUID schoolClass, UUID child) {
        return school.cell(schoolClass, "underarm-roll/components", child, STEP)
                .get("sure")
                .toString();
    }

    /** What the next lessons look for and the eye does not see for sure: the weakest first. */
    @Test
    void whatToPractiseComesFromTheNextLessons() {
        UUID schoolClass = school.schoolClass("Gulls", 7, "Ada", "Ben", "Cleo");
        school.unit(schoolClass, 2, 30, "underarm-roll/components");
        JsonNode ahead = school.as.get("/api/eye/practise").json();
        assertThat(ahead.size()).isBetween(1, 8);
        String cue = ahead.get(0).get("cue").asString();
        assertThat(ahead.get(0).get("sentence").asString()).isEqualTo("No round yet.");
        assertThat(ahead.get(0).get("on").asString())
                .isEqualTo(TestClock.today().toString());
        for (JsonNode line : ahead)
            assertThat(school.as
                            .get("/api/eye/round?seed=1&cue=" + line.get("cue").asString())
                            .status())
                    .as(cue)
                    .isEqualTo(200);
        TestSchool.Member other = school.member(Role.TEACHER);
        assertThat(other.as().get("/api/eye/practise").json().size()).isZero();
    }
}
