package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.RunningServer.TestDatabase;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** An empty database is taken once, by whoever has the code that the start command printed. */
class FirstRunTest {
    private static final String CODE = "printed-by-the-start-command";
    private static TestDatabase database;
    private static ConfigurableApplicationContext application;

    @BeforeAll
    static void start() {
        database = TestDatabase.create();
        application = RunningServer.run(database.url(), List.of("--isokinet.first-run-code=" + CODE));
    }

    @AfterAll
    static void stop() {
        application.close();
        database.drop();
    }

    private static Map<String, Object> form() {
        return new HashMap<>(Map.of(
                "code", CODE,
                "school", "Ebb Point Primary",
                "timeZone", "Europe/London",
                "yearNaming", "PRIMARIES",
                "name", "Wren Marsh",
                "signIn", "wren",
                "password", "a long enough one"));
    }

    private static Caller caller() {
        return new Caller(RunningServer.address(application));
    }

    @Test
    void theFirstSchoolIsMadeOnceAndOnlyWithTheCode() {
        Caller caller = caller();
        assertThat(caller.get("/api/first-run").json().get("needed").asBoolean())
                .isTrue();
        Map<String, Object> wrong = form();
        wrong.put("code", "guessed");
        assertThat(caller.post("/api/first-run", wrong).findings())
                .containsExactly(
                        "code: is not the one that the start command printed. Open the address that it printed.");
        Map<String, Object> nowhere = form();
        nowhere.put("timeZone", "Atlantis/Harbour");
        assertThat(caller.post("/api/first-run", nowhere).findings().get(0))
                .startsWith("timeZone: “Atlantis/Harbour” is no");
        Map<String, Object> weak = form();
        weak.put("password", "short");
        assertThat(caller.post("/api/first-run", weak).findings())
                .containsExactly("password: needs 10 to 200 characters.");
        assertThat(caller.get("/api/first-run").json().get("needed").asBoolean())
                .isTrue();

        assertThat(caller.post("/api/first-run", form()).status()).isEqualTo(204);
        assertThat(caller.get("/api/first-run").json().get("needed").asBoolean())
                .isFalse();
        assertThat(caller.post("/api/first-run", form()).detail()).contains("There is a school already");
        caller.post("/api/session", Map.of("signIn", "wren", "password", "a long enough one"));
        assertThat(caller.get("/api/session").json().get("role").asString()).isEqualTo("LEAD");
        var school = caller.get("/api/school").json();
        assertThat(school.get("name").asString()).isEqualTo("Ebb Point Primary");
        assertThat(school.get("years").get(2).get("label").asString()).isEqualTo("Primary 1");
    }
}
