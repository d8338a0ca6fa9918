package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.RunningServer.TestDatabase;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** An empty database and what the start command was told: one school, one lead, once. */
class FirstLeadTest {
    @Test
    void theFirstSchoolAndItsLeadAreMadeOnce() {
        TestDatabase database = TestDatabase.create();
        try {
            for (String name : List.of("First School", "Another School"))
                try (ConfigurableApplicationContext application = RunningServer.run(
                        database.url(),
                        List.of(
                                "--isokinet.school=" + name,
                                "--isokinet.sign-in=lead",
                                "--isokinet.sign-in-password=a long enough one"))) {
                    Caller caller = new Caller(RunningServer.address(application));
                    caller.post("/api/session", Map.of("signIn", "lead", "password", "a long enough one"));
                    assertThat(caller.get("/api/school").json().get("name").asString())
                            .isEqualTo("First School");
                    assertThat(caller.get("/api/classes").json()).isEmpty();
                }
        } finally {
            database.drop();
        }
    }
}
