package io.isokinet.server.calendar;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Fetches calendars from the school's own network: from hosts that whoever runs the server named, and from nobody else, so that no
 * request of a person can make the server ask elsewhere.
 */
@Component
class CalendarAddress {
    private static final int MOST_BYTES = 5 << 20;
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final Set<String> hosts;
    private final Duration patience;
    private final HttpClient client;

    /** @param hosts with their ports where they are not the usual ones, such as "office.school.test:8090" */
    @Autowired
    CalendarAddress(@Value("${isokinet.calendar-hosts:}") List<String> hosts) {
        this(hosts, PATIENCE);
    }

    /** @param patience for the first of an answer, and then for the rest of it */
    CalendarAddress(List<String> hosts, Duration patience) {
        this.hosts = hosts.stream().map(h -> h.strip().toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        this.patience = patience;
        this.client = HttpClient.newBuilder()
                .connectTimeout(patience)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    /** @throws IllegalArgumentException if nothing may be fetched from there */
    URI checked(String address) {
        try {
            // Phones and offices write "webcal" for the same.
            URI uri = URI.create(address.strip().replaceFirst("(?i)^webcal:", "http:"));
            boolean web = "http".equalsIgnoreCase(uri.getScheme()) || "https".equalsIgnoreCase(uri.getScheme());
            if (web
                    && uri.getRawUserInfo() == null
                    && hosts.contains(String.valueOf(uri.getAuthority()).toLowerCase(Locale.ROOT))) return uri;
        } catch (IllegalArgumentException e) {
            // Said below.
        }
        throw new IllegalArgumentException(
                "Calendars are read from %s only, by http or https. Give such an address, or ask who runs the server to add the host (ISOKINET_CALENDARS)."
                        .formatted(hosts.isEmpty() ? "no host yet" : String.join(", ", hosts)));
    }

    /**
     * What stands there.
     *
     * @throws IOException in words, if it cannot be had
     */
    byte[] fetch(URI address) throws IOException {
        try {
            HttpResponse<InputStream> answer = client.send(
                    HttpRequest.newBuilder(address)
                            .timeout(patience)
                            .header("Accept", "text/calendar")
                            .build(),
                    BodyHandlers.ofInputStream());
            try (InputStream body = answer.body()) {
                if (answer.statusCode() != 200)
                    throw new IOException("It answered %d, where 200 is wanted.".formatted(answer.statusCode()));
                return whole(body);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("It was not waited for.");
        } catch (java.net.http.HttpTimeoutException e) {
            throw new IOException("It did not answer within %d seconds.".formatted(patience.toSeconds()));
        } catch (java.net.ConnectException e) {
            throw new IOException("Nobody answers there.");
        }
    }

    /** The client has no limit of its own once an answer has begun; who sends it in drops is not waited for. */
    private byte[] whole(InputStream body) throws IOException {
        AtomicBoolean late = new AtomicBoolean();
        CompletableFuture.delayedExecutor(patience.toMillis(), TimeUnit.MILLISECONDS)
                .execute(() -> {
                    late.set(true);
                    close(body);
                });
        byte[] content;
        try {
            content = body.readNBytes(MOST_BYTES + 1);
        } catch (IOException e) {
            if (!late.get()) throw e;
            content = new byte[0];
        }
        if (late.get()) throw new IOException("It did not send all of it within %d s.".formatted(patience.toSeconds()));
        if (content.length > MOST_BYTES) throw new IOException("It has more than 5 MB.");
        return content;
    }

    private static void close(InputStream body) {
        try {
            body.close();
        } catch (IOException e) {
            // It is of no use any more.
        }
    }
}
