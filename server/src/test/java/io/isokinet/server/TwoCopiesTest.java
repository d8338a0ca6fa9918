package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Two copies of the application on one database, behind a balancer that gives each request to the next of them. */
@ExtendWith(RunningServer.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TwoCopiesTest {
    private static final Set<String> NOT_PASSED_ON =
            Set.of("connection", "content-length", "host", "upgrade", "expect", "transfer-encoding");

    private static ConfigurableApplicationContext second;
    private static List<String> copies;
    private static HttpServer balancer;
    private static final Set<String> ANSWERED = ConcurrentHashMap.newKeySet();

    private TestSchool school;
    private Caller caller;

    /** The one that all tests have, and another on its database. */
    @BeforeAll
    static void startASecondCopyAndABalancer() throws IOException {
        second = RunningServer.run(RunningServer.databaseUrl(), List.of());
        copies = List.of(RunningServer.address(), RunningServer.address(second));
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
    }

    private static String balanced() {
        return "http://127.0.0.1:" + balancer.getAddress().getPort();
    }

    @BeforeEach
    void signIn() {
        ANSWERED.clear();
        school = TestSchool.make();
        caller = new Caller(balanced());
        assertThat(caller.post("/api/session", Map.of("signIn", school.signIn, "password", TestSchool.PASSWORD))
                        .status())
                .isEqualTo(200);
    }

    @AfterAll
    static void stop() {
        balancer.stop(0);
        second.close();
    }

    /** To the copy whose turn it is; a copy that does not answer loses its turn to the other. */
    private static void pass(HttpExchange exchange, HttpClient client, int turn) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        for (int attempt = 0; attempt < 2; attempt++) {
            String copy = copies.get((turn + attempt) % copies.size());
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(copy + exchange.getRequestURI()))
                    .method(exchange.getRequestMethod(), BodyPublishers.ofByteArray(body));
            exchange.getRequestHeaders().forEach((name, values) -> {
                if (!NOT_PASSED_ON.contains(name.toLowerCase())) values.forEach(v -> request.header(name, v));
            });
            try {
                HttpResponse<byte[]> response = client.send(request.build(), BodyHandlers.ofByteArray());
                ANSWERED.add(copy);
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
        UUID unit =
                school.unit(school.schoolClass("Terns", 7, TestSchool.names(20)), 2, 30, "underarm-roll/components");
        for (int i = 0; i < copies.size(); i++)
            assertThat(caller.get("/api/units/" + unit).status()).isEqualTo(200);
        return unit;
    }

    @Test
    void sessionsSavesAndEditsWorkOnEitherCopy() {
        UUID unit = unit();
        assertThat(ANSWERED).hasSize(2);
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
        Caller guesser = new Caller(balanced());
        int tries = 0;
        while (guesser.post("/api/session", Map.of("signIn", school.signIn, "password", "guess " + tries))
                        .status()
                == 401) tries++;
        assertThat(tries).isEqualTo(8);
    }

    @Test
    @Order(Integer.MAX_VALUE)
    void whenOneCopyStopsTheOtherGoesOnWithTheSameSession() {
        UUID unit = unit();
        second.close();
        for (int i = 0; i < 4; i++)
            assertThat(caller.get("/api/units/" + unit).status()).isEqualTo(200);
    }
}
