package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.TestSchool.Member;
import io.isokinet.server.account.Role;
import java.sql.Timestamp;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Joining, leaving, passwords, sessions, and the log. */
@ExtendWith(RunningServer.class)
class PeopleTest {
    private static final String NEW_PASSWORD = "another horse battery";

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, "Ada Moss");

    private String invite(String role, List<UUID> classes) {
        return school.as
                .post("/api/invitations", Map.of("name", "Jo Tern", "role", role, "classes", classes))
                .json()
                .get("secret")
                .asString();
    }

    private String log() {
        return school.as.get("/api/audit").body();
    }

    @Test
    void aLinkLetsSomebodyInOnceAndWithWhatItSays() {
        String secret = invite("TEACHER", List.of(terns));
        Caller jo = new Caller();
        JsonNode view = jo.get("/api/links/" + secret).json();
        assertThat(view.get("school").asString()).isEqualTo("A school");
        assertThat(view.get("role").asString()).isEqualTo("TEACHER");
        String signIn = "jo-" + UUID.randomUUID();
        Map<String, Object> form = Map.of("signIn", signIn, "password", NEW_PASSWORD);
        assertThat(jo.post("/api/links/" + secret, Map.of("signIn", "jo", "password", NEW_PASSWORD))
                        .findings())
                .containsExactly("signIn: needs 3 to 120 characters.");
        assertThat(jo.post("/api/links/" + secret, form).status()).isEqualTo(200);
        assertThat(jo.post("/api/links/" + secret, form).detail()).contains("was used already");
        assertThat(jo.get("/api/links/" + secret).status()).isEqualTo(404);
        jo.post("/api/session", form);
        assertThat(jo.get("/api/classes").json()).hasSize(1);
        assertThat(jo.get("/api/people").status()).isEqualTo(403);
        assertThat(log()).contains("invited Jo Tern", "joined the school");
    }

    @Test
    void aLinkRunsOutAndCanBeTakenBack() {
        String old = invite("VIEWER", List.of());
        RunningServer.bean(JdbcClient.class)
                .sql("update one_time_link set expires_at = ? where school_id = ?")
                .param(Timestamp.from(TestClock.now().minusSeconds(60)))
                .param(school.id)
                .update();
        assertThat(new Caller().get("/api/links/" + old).status()).isEqualTo(404);
        String other = invite("VIEWER", List.of());
        String id = school.as
                .get("/api/people")
                .json()
                .get("invitations")
                .get(0)
                .get("id")
                .asString();
        assertThat(school.as.delete("/api/invitations/" + id).status()).isEqualTo(204);
        assertThat(new Caller().get("/api/links/" + other).status()).isEqualTo(404);
    }

    private String reset(UUID person) {
        return school.as
                .post("/api/people/" + person + "/reset", Map.of())
                .json()
                .get("secret")
                .asString();
    }

    /** A new password is chosen because the old one is known to somebody: whoever came in by it is out. */
    @Test
    void aResetEndsEverySessionAndEveryOtherLink() {
        Member jo = school.member(Role.TEACHER, terns);
        String first = reset(jo.id());
        String second = reset(jo.id());
        assertThat(jo.as().get("/api/classes").status()).isEqualTo(200);
        assertThat(new Caller()
                        .post("/api/links/" + first, Map.of("password", NEW_PASSWORD))
                        .status())
                .isEqualTo(200);
        assertThat(jo.as().get("/api/classes").status()).isEqualTo(401);
        assertThat(new Caller().get("/api/links/" + second).status()).isEqualTo(404);
    }

    @Test
    void anOwnChangeClosesTheLinksMadeBeforeIt() {
        Member jo = school.member(Role.TEACHER, terns);
        String link = reset(jo.id());
        assertThat(jo.as()
                        .put("/api/me/password", Map.of("now", TestSchool.PASSWORD, "password", NEW_PASSWORD))
                        .status())
                .isEqualTo(204);
        assertThat(new Caller().get("/api/links/" + link).status()).isEqualTo(404);
    }

    /** An invitation is as good as who made it. */
    @Test
    void invitationsGoWithALeadWhoGoes() {
        Member other = school.member(Role.LEAD);
        String secret = other.as()
                .post("/api/invitations", Map.of("name", "Back Door", "role", "LEAD", "classes", List.of()))
                .json()
                .get("secret")
                .asString();
        assertThat(school.as.delete("/api/people/" + other.id()).status()).isEqualTo(204);
        assertThat(new Caller().get("/api/links/" + secret).status()).isEqualTo(404);
    }

    @Test
    void onesOwnPasswordCannotBeTriedOutFromAnOpenSession() {
        Member jo = school.member(Role.TEACHER, terns);
        for (int i = 0; i < 8; i++)
            jo.as().put("/api/me/password", Map.of("now", "guess " + i, "password", NEW_PASSWORD));
        assertThat(jo.as()
                        .put("/api/me/password", Map.of("now", TestSchool.PASSWORD, "password", NEW_PASSWORD))
                        .findings())
                .containsExactly("now: was wrong too often; wait five minutes, then try again.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"password123", "qwertyuiop", "jo.tern.2026", "aaaaaaaaaaaa", "iloveyou1234"})
    void whatIsTriedFirstIsNoPassword(String password) {
        String secret = invite("VIEWER", List.of());
        assertThat(new Caller()
                        .post("/api/links/" + secret, Map.of("signIn", "jo.tern.2026", "password", password))
                        .findings()
                        .get(0))
                .startsWith("password: would be guessed soon");
    }

    @Test
    void signInsAndWrongPasswordsAreInTheLog() {
        Member jo = school.member(Role.TEACHER, terns);
        new Caller().post("/api/session", Map.of("signIn", jo.signIn(), "password", "not this one"));
        assertThat(log()).contains("signed in", "tried a wrong password for A teacher");
    }

    /** The database holds no secret of a link, only its hash. */
    @Test
    void theSecretOfALinkIsNotKept() {
        String secret = invite("VIEWER", List.of());
        String kept = RunningServer.bean(JdbcClient.class)
                .sql("select l::text from one_time_link l where school_id = ?")
                .param(school.id)
                .query(String.class)
                .single();
        assertThat(kept).doesNotContain(secret);
    }

    @Test
    void aLinkForANewPasswordAlsoEndsTheWaitAfterFailedTries() {
        Member teacher = school.member(Role.TEACHER, terns);
        for (int i = 0; i < 8; i++)
            new Caller().post("/api/session", Map.of("signIn", teacher.signIn(), "password", "guess " + i));
        JsonNode line = line(teacher.id());
        assertThat(line.get("person").get("locked").asBoolean()).isTrue();
        String secret = school.as
                .post("/api/people/" + teacher.id() + "/reset", "{}")
                .json()
                .get("secret")
                .asString();
        Caller fresh = new Caller();
        assertThat(fresh.get("/api/links/" + secret).json().get("signIn").asString())
                .isEqualTo(teacher.signIn());
        fresh.post("/api/links/" + secret, Map.of("password", NEW_PASSWORD));
        assertThat(fresh.post("/api/session", Map.of("signIn", teacher.signIn(), "password", NEW_PASSWORD))
                        .status())
                .isEqualTo(200);
        assertThat(fresh.post("/api/session", Map.of("signIn", teacher.signIn(), "password", TestSchool.PASSWORD))
                        .status())
                .isEqualTo(401);
    }

    private JsonNode line(UUID person) {
        for (JsonNode line : school.as.get("/api/people").json().get("people"))
            if (line.get("person").get("id").asString().equals(person.toString())) return line;
        throw new AssertionError("The person is not in the list.");
    }

    @Test
    void aChangedPasswordSignsOutEverywhereElse() {
        Member teacher = school.member(Role.TEACHER, terns);
        Caller elsewhere = TestSchool.signedIn(teacher.signIn());
        assertThat(teacher.as()
                        .put("/api/me/password", Map.of("now", "not this", "password", NEW_PASSWORD))
                        .findings())
                .containsExactly("now: is not your password of now; type it again.");
        assertThat(teacher.as()
                        .put("/api/me/password", Map.of("now", TestSchool.PASSWORD, "password", NEW_PASSWORD))
                        .status())
                .isEqualTo(204);
        assertThat(teacher.as().get("/api/session").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/session").status()).isEqualTo(401);
    }

    @Test
    void sessionsAreListedAndEndedOneByOneOrAllAtOnce() {
        Member teacher = school.member(Role.TEACHER, terns);
        Caller tablet = TestSchool.signedIn(teacher.signIn());
        Caller phone = TestSchool.signedIn(teacher.signIn());
        JsonNode sessions = teacher.as().get("/api/me/sessions").json();
        assertThat(sessions).hasSize(3);
        assertThat(sessions.toString()).doesNotContain(tablet.cookie("isokinet"));
        assertThat(tablet.get("/api/me/sessions").json().findValuesAsString("here"))
                .containsOnlyOnce("true");
        String other = "";
        for (JsonNode s : sessions)
            if (!s.get("here").asBoolean()) other = s.get("key").asString();
        teacher.as().delete("/api/me/sessions/" + other);
        assertThat(teacher.as().get("/api/me/sessions").json()).hasSize(2);
        teacher.as().delete("/api/me/sessions");
        assertThat(tablet.get("/api/session").status()).isEqualTo(401);
        assertThat(phone.get("/api/session").status()).isEqualTo(401);
        assertThat(teacher.as().get("/api/session").status()).isEqualTo(200);
    }

    @Test
    void aChangedRoleHoldsFromTheNextSignInOnSoItSignsOut() {
        Member teacher = school.member(Role.TEACHER, terns);
        school.as.put("/api/people/" + teacher.id(), Map.of("role", "VIEWER", "classes", List.of()));
        assertThat(teacher.as().get("/api/session").status()).isEqualTo(401);
        Caller again = TestSchool.signedIn(teacher.signIn());
        assertThat(again.put("/api/classes/" + terns, "{}").status()).isEqualTo(403);
    }

    @Test
    void whoLeavesCannotSignInAndTheLastLeadStays() {
        Member teacher = school.member(Role.TEACHER, terns);
        school.as.delete("/api/people/" + teacher.id());
        assertThat(teacher.as().get("/api/session").status()).isEqualTo(401);
        assertThat(new Caller()
                        .post("/api/session", Map.of("signIn", teacher.signIn(), "password", TestSchool.PASSWORD))
                        .status())
                .isEqualTo(401);
        String lead = school.as.get("/api/session").json().get("person").asString();
        assertThat(school.as.delete("/api/people/" + lead).detail()).contains("A school needs a lead");
        assertThat(school.as
                        .put("/api/people/" + lead, Map.of("role", "VIEWER", "classes", List.of()))
                        .detail())
                .contains("A school needs a lead");
    }

    @Test
    void theLogSaysWhoChangedWhatFromWhatToWhat() {
        school.count("cone", 12);
        JsonNode cone = cupboard("cone");
        school.as.put(
                "/api/cupboard/cone",
                Map.of("count", 8, "broken", 4),
                "If-Match",
                "\"" + cone.get("version").asInt() + "\"");
        assertThat(log()).contains("cupboard: cone", "broken 0 → 4, count 12 → 8", "A Teacher");
        school.as.put("/api/classes/" + UUID.randomUUID(), Map.of("name", "Auks", "yearAge", 6));
        assertThat(log()).contains("class Auks");
    }

    private JsonNode cupboard(String key) {
        for (JsonNode line : school.as.get("/api/cupboard").json())
            if (line.get("key").asString().equals(key)) return line;
        throw new AssertionError(key);
    }

    /** What can be erased must not live on in the log. */
    @Test
    void theLogNeverHoldsAChildsName() {
        UUID child = school.children(terns).get("Ada");
        JsonNode view = school.as.get("/api/children/" + child).json().get("child");
        school.as.put(
                "/api/children/" + child,
                Map.of("given", "Adalind", "family", "Marsh", "yearAge", 7, "sides", Map.of("THROW", "LEFT")),
                "If-Match",
                "\"" + view.get("version").asInt() + "\"");
        assertThat(log()).contains("family, given").doesNotContain("Adalind", "Moss", "Marsh");
    }
}
