package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningServer.class)
class SessionTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/session",
                "/api/classes",
                "/api/units",
                "/api/skills",
                "/api/cupboard",
                "/api/term",
                "/api/school"
            })
    void nothingIsSeenWithoutSigningIn(String path) {
        Caller.Answer answer = new Caller().get(path);
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(answer.detail()).contains("Sign in first");
    }

    @Test
    void theVersionIsTheOneThatWasBuilt() {
        assertThat(TestSchool.make()
                        .as
                        .get("/api/session")
                        .json()
                        .get("version")
                        .asString())
                .matches("\\d+\\.\\d+\\.\\d+.*");
    }

    @Test
    void signingInGivesASessionAndANewSessionId() {
        TestSchool school = TestSchool.make();
        Caller.Answer who = school.as.get("/api/session");
        assertThat(who.status()).isEqualTo(200);
        assertThat(who.json().get("name").asString()).isEqualTo("A Teacher");
        assertThat(who.json().get("school").asString()).isEqualTo(school.id.toString());
        assertThat(school.as.cookie("isokinet")).isNotBlank();
    }

    @Test
    void theWrongPasswordSaysNeitherWhichOfTheTwoIsWrong() {
        TestSchool school = TestSchool.make();
        Caller caller = new Caller();
        Caller.Answer wrong = caller.post("/api/session", Map.of("signIn", school.signIn, "password", "not this one"));
        Caller.Answer unknown =
                caller.post("/api/session", Map.of("signIn", "nobody-" + school.id, "password", "not this one"));
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(unknown.detail()).isEqualTo(wrong.detail());
    }

    @Test
    void aForgedRequestIsRefused() {
        TestSchool school = TestSchool.make();
        assertThat(school.as
                        .forged("/api/session", Map.of("signIn", "a", "password", "b"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void guessingHasToWait() {
        TestSchool school = TestSchool.make();
        Caller caller = new Caller();
        for (int i = 0; i < 8; i++)
            assertThat(caller.post("/api/session", Map.of("signIn", school.signIn, "password", "guess " + i))
                            .status())
                    .isEqualTo(401);
        Caller.Answer slowed = caller.post(
                "/api/session", Map.of("signIn", school.signIn.toUpperCase(), "password", TestSchool.PASSWORD));
        assertThat(slowed.status()).isEqualTo(429);
        assertThat(slowed.header("Retry-After")).isEqualTo("300");
    }

    /** Forty at once are no way around the eight that are checked. */
    @Test
    void guessesSideBySideAreCountedBeforeTheyAreChecked() {
        TestSchool school = TestSchool.make();
        Caller caller = new Caller();
        List<Integer> answers = IntStream.range(0, 40)
                .parallel()
                .mapToObj(i -> caller.post("/api/session", Map.of("signIn", school.signIn, "password", "guess " + i))
                        .status())
                .toList();
        assertThat(answers).containsOnly(401, 429);
        assertThat(answers.stream().filter(a -> a == 401).count()).isBetween(1L, 8L);
    }

    /** What somebody tries elsewhere does not keep a teacher out of a browser that she has signed in with before. */
    @Test
    void aTeacherIsNotShutOutOfHerOwnBrowser() {
        TestSchool school = TestSchool.make();
        Caller stranger = new Caller();
        Map<String, String> right = Map.of("signIn", school.signIn, "password", TestSchool.PASSWORD);
        for (int i = 0; i < 20; i++)
            stranger.post("/api/session", Map.of("signIn", school.signIn, "password", "guess " + i));
        assertThat(stranger.post("/api/session", right).status()).isEqualTo(429);
        school.as.delete("/api/session");
        assertThat(school.as.post("/api/session", right).status()).isEqualTo(200);
        // Her browser has a count of its own.
        school.as.delete("/api/session");
        for (int i = 0; i < 8; i++)
            school.as.post("/api/session", Map.of("signIn", school.signIn, "password", "guess " + i));
        assertThat(school.as.post("/api/session", right).status()).isEqualTo(429);
    }

    /** The way back in for who is shut out of every browser: a new password by the lead's link, and no guess elsewhere undoes it. */
    @Test
    void theLeadsLinkLetsInWhoIsShutOut() {
        TestSchool school = TestSchool.make();
        TestSchool.Member teacher = school.member(Role.TEACHER);
        Caller stranger = new Caller();
        Runnable guesses = () -> {
            for (int i = 0; i < 20; i++)
                stranger.post("/api/session", Map.of("signIn", teacher.signIn(), "password", "guess " + i));
        };
        guesses.run();
        Caller tablet = new Caller();
        String secret = school.as
                .post("/api/people/" + teacher.id() + "/reset", Map.of())
                .json()
                .get("secret")
                .asString();
        assertThat(tablet.post("/api/links/" + secret, Map.of("password", "nine-rope-ladders"))
                        .status())
                .isEqualTo(200);
        guesses.run();
        Map<String, String> right = Map.of("signIn", teacher.signIn(), "password", "nine-rope-ladders");
        assertThat(stranger.post("/api/session", right).status()).isEqualTo(429);
        assertThat(tablet.post("/api/session", right).status()).isEqualTo(200);
    }

    /** Nobody named a proxy, so nobody is believed to speak for another address. */
    @Test
    void aRequestDoesNotSayWhereItComesFrom() {
        TestSchool school = TestSchool.make();
        Caller caller = new Caller();
        // Of the range kept for documents (RFC 5737): no machine has it.
        String address = "203.0.113.77";
        caller.post("/api/session", Map.of("signIn", school.signIn, "password", "guess"), "X-Forwarded-For", address);
        assertThat(RunningServer.bean(JdbcClient.class)
                        .sql("select count(*) from sign_in_failure where address = ?")
                        .param(address)
                        .query(Long.class)
                        .single())
                .isZero();
    }

    @Test
    void aSessionEndsAfterAWeekHoweverMuchItIsUsed() {
        TestSchool school = TestSchool.make();
        RunningServer.bean(JdbcClient.class)
                .sql(
                        "update spring_session set creation_time = creation_time - 8 * 86400000::bigint where principal_name ="
                                + " (select id::text from person where sign_in = ?)")
                .param(school.signIn)
                .update();
        assertThat(school.as.get("/api/classes").status()).isEqualTo(401);
    }

    @Test
    void signingOutEndsTheSession() {
        TestSchool school = TestSchool.make();
        assertThat(school.as.delete("/api/session").status()).isEqualTo(204);
        assertThat(school.as.get("/api/classes").status()).isEqualTo(401);
    }

    @Test
    void anEmptyFormNamesItsFields() {
        Caller.Answer answer = new Caller().post("/api/session", Map.of("signIn", "", "password", ""));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.findings()).contains("signIn: is needed", "password: is needed");
    }

    @Test
    void pagesCarryAPolicyThatLetsNothingOut() {
        Caller.Answer page = new Caller().get("/openapi");
        assertThat(page.header("Content-Security-Policy"))
                .contains("default-src 'self'")
                .contains("connect-src 'self'");
        assertThat(page.header("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void healthIsOpenAndSaysNoMore() {
        assertThat(new Caller().get("/actuator/health").json().size()).isLessThanOrEqualTo(2);
        assertThat(new Caller().get("/actuator/env").status()).isEqualTo(401);
    }
}
