package io.isokinet.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Somebody who speaks HTTP to an application, with the cookies of one browser. */
final class Visitor {
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(2))
            .build();
    private final String address;
    private final Duration patience;
    private final Map<String, String> cookies = new TreeMap<>();

    Visitor(String address, Duration patience) {
        this.address = address;
        this.patience = patience;
    }

    /** @param type of its content; empty if it says none */
    record Answer(int status, String type, String body, Duration took) {}

    /** @throws IllegalStateException if it does not let us in */
    Visitor signIn(String name, String password) throws IOException {
        cookies.clear();
        get("/api/session");
        Answer answer = json("POST", "/api/session", """
                {"signIn": "%s", "password": "%s"}""".formatted(name, password));
        if (answer.status() != 200) throw new IllegalStateException("Not signed in: " + answer);
        get("/api/session");
        return this;
    }

    Answer get(String path) throws IOException {
        return send("GET", path, null, new byte[0]);
    }

    Answer json(String method, String path, String body) throws IOException {
        return send(method, path, "application/json", body.getBytes(StandardCharsets.UTF_8));
    }

    /** A file as a browser sends it. */
    Answer file(String method, String path, String name, byte[] content) throws IOException {
        String head = "--edge\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n";
        byte[] before = head.getBytes(StandardCharsets.UTF_8);
        byte[] after = "\r\n--edge--\r\n".getBytes(StandardCharsets.UTF_8);
        byte[] whole = new byte[before.length + content.length + after.length];
        System.arraycopy(before, 0, whole, 0, before.length);
        System.arraycopy(content, 0, whole, before.length, content.length);
        System.arraycopy(after, 0, whole, before.length + content.length, after.length);
        return send(method, path, "multipart/form-data; boundary=edge", whole);
    }

    /** @throws IOException if there is no answer in time */
    Answer send(String method, String path, @Nullable String type, byte[] body) throws IOException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(patience)
                .method(method, body.length == 0 ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
        if (type != null) request.header("Content-Type", type);
        if (!cookies.isEmpty())
            request.header(
                    "Cookie",
                    cookies.entrySet().stream()
                            .map(c -> c.getKey() + "=" + c.getValue())
                            .reduce((a, b) -> a + "; " + b)
                            .orElseThrow());
        if (cookies.containsKey("XSRF-TOKEN")) request.header("X-XSRF-TOKEN", cookies.get("XSRF-TOKEN"));
        long from = System.nanoTime();
        try {
            HttpResponse<String> response = client.send(request.build(), BodyHandlers.ofString());
            for (String set : response.headers().allValues("set-cookie")) {
                String[] cookie = set.substring(0, set.indexOf(';')).split("=", 2);
                if (cookie[1].isEmpty()) cookies.remove(cookie[0]);
                else cookies.put(cookie[0], cookie[1]);
            }
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("content-type").orElse(""),
                    response.body(),
                    Duration.ofNanos(System.nanoTime() - from));
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
