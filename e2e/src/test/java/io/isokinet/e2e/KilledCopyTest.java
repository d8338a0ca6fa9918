package io.isokinet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two copies on one database; one is killed in the middle of saving. What it had acknowledged is there, and the rest goes to the other. */
class KilledCopyTest {
    private static final int TABLETS = 4;
    private static final int TRIALS = 20;

    /** @param device of its own, so that its trials can be counted */
    private record Sent(UUID device, String body) {}

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final AtomicLong sequence = new AtomicLong();
    private String cookies = "";
    private String token = "";
    private String child = "";

    @Test
    void nothingAcknowledgedIsLost() throws Exception {
        try (Application one = Application.start();
                Application other = one.another()) {
            signIn(one);
            List<Sent> acknowledged = Collections.synchronizedList(new ArrayList<>());
            List<Sent> unanswered = Collections.synchronizedList(new ArrayList<>());
            ExecutorService tablets = Executors.newFixedThreadPool(TABLETS);
            for (int i = 0; i < TABLETS; i++)
                tablets.submit(() -> {
                    while (true) {
                        Sent batch = batch();
                        try {
                            if (send(one, batch) != 200) throw new IOException("refused");
                            acknowledged.add(batch);
                        } catch (IOException e) {
                            unanswered.add(batch);
                            return null;
                        }
                    }
                });
            while (acknowledged.size() < 8 * TABLETS) Thread.sleep(5);
            one.kill();
            tablets.shutdown();
            assertThat(tablets.awaitTermination(1, TimeUnit.MINUTES)).isTrue();

            assertThat(unanswered).as("batches under way when it was killed").hasSize(TABLETS);
            for (Sent batch : acknowledged) assertThat(kept(other, batch)).isEqualTo(TRIALS);
            // All of a batch or none of it, whenever the kill came.
            for (Sent batch : unanswered) assertThat(kept(other, batch)).isIn(0L, (long) TRIALS);
            for (Sent batch : unanswered) assertThat(send(other, batch)).isEqualTo(200);
            for (Sent batch : unanswered) assertThat(kept(other, batch)).isEqualTo(TRIALS);
        }
    }

    private static long kept(Application application, Sent batch) {
        return application.count("select count(*) from trial where device_id = '%s'".formatted(batch.device));
    }

    private void signIn(Application application) throws IOException, InterruptedException {
        HttpResponse<String> first = get(application, "/api/session");
        token = cookie(first, "XSRF-TOKEN");
        cookies = "XSRF-TOKEN=" + token;
        HttpResponse<String> signedIn = client.send(
                post(application, "/api/session")
                        .POST(BodyPublishers.ofString("{\"signIn\":\"%s\",\"password\":\"%s\"}"
                                .formatted(Application.SIGN_IN, Application.PASSWORD)))
                        .build(),
                BodyHandlers.ofString());
        assertThat(signedIn.statusCode()).isEqualTo(200);
        String session = cookie(signedIn, "isokinet");
        cookies = "isokinet=" + session;
        token = cookie(get(application, "/api/session"), "XSRF-TOKEN");
        cookies = "isokinet=%s; XSRF-TOKEN=%s".formatted(session, token);
        String group = found(get(application, "/api/classes").body(), "\"id\":\"([0-9a-f-]{36})\"");
        String children = get(application, "/api/classes/" + group).body();
        child = found(children.substring(children.indexOf("\"children\"")), "\"id\":\"([0-9a-f-]{36})\"");
    }

    private static String cookie(HttpResponse<String> response, String name) {
        return response.headers().allValues("set-cookie").stream()
                .filter(c -> c.startsWith(name + "="))
                .map(c -> c.substring(name.length() + 1, c.indexOf(';')))
                .filter(v -> !v.isEmpty())
                .findFirst()
                .orElseThrow(() -> new AssertionError("There is no cookie " + name));
    }

    private static String found(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    private Sent batch() {
        UUID device = UUID.randomUUID();
        String now = TestClock.now().toString();
        List<String> trials = new ArrayList<>();
        for (int i = 0; i < TRIALS; i++)
            trials.add("""
                    {"id":"%s","child":"%s","cue":"underarm-roll/step","shown":true,"kind":"TEACHER","setting":"DRILL","seq":%d,"at":"%s"}""".formatted(UUID.randomUUID(), child, sequence.incrementAndGet(), now));
        return new Sent(device, """
                {"id":"%s","device":"%s","clock":"%s","trials":[%s],"voids":[],"register":[],"taught":[]}""".formatted(UUID.randomUUID(), device, now, String.join(",", trials)));
    }

    private int send(Application application, Sent batch) throws IOException, InterruptedException {
        return client.send(
                        post(application, "/api/batches")
                                .POST(BodyPublishers.ofString(batch.body))
                                .build(),
                        BodyHandlers.ofString())
                .statusCode();
    }

    private HttpRequest.Builder post(Application application, String path) {
        return HttpRequest.newBuilder(URI.create(application.address() + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .header("Cookie", cookies);
    }

    private HttpResponse<String> get(Application application, String path) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(application.address() + path));
        if (!cookies.isEmpty()) request.header("Cookie", cookies);
        return client.send(request.build(), BodyHandlers.ofString());
    }
}
