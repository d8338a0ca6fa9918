package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import io.isokinet.server.RunningServer.TestDatabase;
import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.YearNaming;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Two copies of the application on one database, behind a balancer that gives each request to the next of them. */
class TwoCopiesTest {
    private static final Set<String> NOT_PASSED_ON =
            Set.of("connection", "content-length", "host", "upgrade", "expect", "transfer-encoding");

    private TestDatabase database;
    private final List<ConfigurableApplicationContext> copies = new CopyOnWriteArrayList<>();
    private HttpServer balancer;
    private final Set<String> answered = ConcurrentHashMap.newKeySet();
    private Caller caller;

    @BeforeEach
    void startTwoCopiesAndABalancer() throws IOException {
        database = TestDatabase.create();
        copies.add(RunningServer.run(database.url(), List.of()));
        copies.add(RunningServer.run(database.url(), List.of()));
        UUID school =
                copies.get(0).getBean(Schools.class).add("Two copies", YearNaming.YEARS, ZoneId.of("Europe/London"));
        copies.get(1).getBean(Accounts.class).add(school, "lead", "A Lead", TestSchool.PASSWORD, Role.LEAD);
        balancer = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        balancer.setExecutor(Executors.newFixedThreadPool(8));
        AtomicInteger next = new AtomicInteger();
        HttpClient client = HttpClient.newHttpClient();
        balancer.createContext("/", exchange -> {
            try (exchange) {
                pass(exchange, client, next.getAndIncrement());
            }
        });
        balancer.start();
        caller = new Caller("http://127.0.0.1:" + balancer.getAddress().getPort());
        assertThat(caller.post("/api/session", Map.of("signIn", "lead", "password", TestSchool.PASSWORD))
                        .status())
                .isEqualTo(200);
    }

    @AfterEach
    void stop() {
        balancer.stop(0);
        copies.forEach(ConfigurableApplicationContext::close);
        database.drop();
    }

    /** To the copy whose turn it is; a copy that does not answer loses its turn to the other. */
    private void pass(HttpExchange exchange, HttpClient client, int turn) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        for (int attempt = 0; attempt < 2; attempt++) {
            String copy = RunningServer.address(copies.get((turn + attempt) % copies.size()));
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(copy + exchange.getRequestURI()))
                    .method(exchange.getRequestMethod(), BodyPublishers.ofByteArray(body));
            exchange.getRequestHeaders().forEach((name, values) -> {
                if (!NOT_PASSED_ON.contains(name.toLowerCase())) values.forEach(v -> request.header(name, v));
            });
            try {
                HttpResponse<byte[]> response = client.send(request.build(), BodyHandlers.ofByteArray());
                answered.add(copy);
                response.headers().map().forEach((name, values) -> {
                    if (!NOT_PASSED_ON.contains(name.toLowerCase()) && !name.startsWith(":"))
                        exchange.getResponseHeaders().put(name, new ArrayList<>(values));
                });
                byte[] content = response.body();
                exchange.sendResponseHeaders(response.statusCode(), content.length == 0 ? -1 : content.length);
                if (content.length > 0) exchange.getResponseBody().write(content);
                return;
            } catch (IOException | IllegalStateException e) {
                if (attempt == 1) exchange.sendResponseHeaders(502, -1);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private UUID unit() {
        UUID group = UUID.randomUUID();
        UUID hall = UUID.randomUUID();
        UUID unit = UUID.randomUUID();
        assertThat(caller.put("/api/classes/" + group, Map.of("name", "Terns", "yearAge", 7))
                        .status())
                .isEqualTo(200);
        caller.post("/api/classes/" + group + "/children", Map.of("names", List.of(TestSchool.names(20))));
        caller.put(
                "/api/spaces/" + hall,
                Map.of(
                        "name",
                        "Hall",
                        "lengthCm",
                        1700,
                        "widthCm",
                        950,
                        "ceilingCm",
                        480,
                        "floor",
                        "WOOD",
                        "wallSpots",
                        14));
        for (String item : List.of("foam-ball-20", "foam-ball-16", "spot", "hoop", "rope", "beanbag", "bottle-empty"))
            caller.put("/api/cupboard/" + item, Map.of("count", 24));
        Caller.Answer made = caller.put(
                "/api/units/" + unit,
                Map.of(
                        "classId",
                        group,
                        "title",
                        "On either copy",
                        "cueSets",
                        List.of("underarm-roll/components"),
                        "order",
                        "BLOCKED",
                        "lessons",
                        List.of(
                                Map.of("onDate", LocalDate.now().toString(), "minutes", 30, "spaceId", hall),
                                Map.of(
                                        "onDate",
                                        LocalDate.now().plusDays(7).toString(),
                                        "minutes",
                                        30,
                                        "spaceId",
                                        hall))));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        return unit;
    }

    @Test
    void sessionsSavesAndEditsWorkOnEitherCopy() {
        UUID unit = unit();
        assertThat(answered).hasSize(2);
        for (int i = 0; i < 6; i++) {
            Caller.Answer now = caller.get("/api/units/" + unit);
            assertThat(now.status()).isEqualTo(200);
            JsonNode segment = now.json().get("lessons").get(1).get("segments").get(2);
            boolean locked = segment.get("locked").asBoolean();
            Caller.Answer edited = caller.post(
                    "/api/units/" + unit + "/edits",
                    Map.of(
                            "kind",
                            locked ? "UNLOCK" : "LOCK",
                            "segment",
                            segment.get("id").asString()),
                    "If-Match",
                    now.header("ETag"));
            assertThat(edited.status()).as(edited.body()).isEqualTo(200);
            // The next request goes to the other copy: it sees the edit.
            assertThat(caller.get("/api/units/" + unit).header("ETag")).isEqualTo(edited.header("ETag"));
        }
        // Signed out on one, signed out on both.
        caller.delete("/api/session");
        assertThat(caller.get("/api/session").status()).isEqualTo(401);
        assertThat(caller.get("/api/session").status()).isEqualTo(401);
    }

    /** The wait after failed tries is counted over both copies. */
    @Test
    void guessingHasToWaitWhicheverCopyIsAsked() {
        Caller guesser = new Caller("http://127.0.0.1:" + balancer.getAddress().getPort());
        int tries = 0;
        while (guesser.post("/api/session", Map.of("signIn", "lead", "password", "guess " + tries))
                        .status()
                == 401) tries++;
        assertThat(tries).isEqualTo(8);
    }

    @Test
    void whenOneCopyStopsTheOtherGoesOnWithTheSameSession() {
        UUID unit = unit();
        copies.get(0).close();
        for (int i = 0; i < 4; i++)
            assertThat(caller.get("/api/units/" + unit).status()).isEqualTo(200);
    }
}
