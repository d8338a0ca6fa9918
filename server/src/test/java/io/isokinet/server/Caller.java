package io.isokinet.server;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the application as a browser does: with cookies, and the token against forged requests. */
final class Caller {
    static final JsonMapper JSON = JsonMapper.builder().build();

    /** One for all: a client of its own for each caller costs more than most requests. */
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    /** The one limit there is: a busy machine may take a while. */
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private final Map<String, String> cookies = new ConcurrentHashMap<>();
    private final String address;

    Caller(String address) {
        this.address = address;
        get("/api/session");
    }

    Caller() {
        this(RunningServer.address());
    }

    /** @param statements that the application sent to the database for it */
    record Answer(int status, String body, HttpResponse<byte[]> response, List<String> statements) {
        JsonNode json() {
            return JSON.readTree(body);
        }

        String detail() {
            return json().path("detail").asString("");
        }

        /** "where: message" of each finding. */
        List<String> findings() {
            List<String> all = new ArrayList<>();
            json().path("findings")
                    .forEach(f -> all.add(f.path("where").asString() + ": "
                            + f.path("message").asString()));
            return all;
        }

        String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }
    }

    Answer get(String path) {
        return exchange(request(path).GET());
    }

    Answer post(String path, Object body, String... headers) {
        return send("POST", path, body, headers);
    }

    Answer put(String path, Object body, String... headers) {
        return send("PUT", path, body, headers);
    }

    Answer delete(String path) {
        return exchange(withToken(request(path)).DELETE());
    }

    /** @param headers name and value in turn */
    Answer send(String method, String path, Object body, String... headers) {
        String text = body instanceof String s ? s : JSON.writeValueAsString(body);
        HttpRequest.Builder request = withToken(request(path))
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(text));
        if (headers.length > 0) request.headers(headers);
        return exchange(request);
    }

    /** The first line of an answer that goes on; then hangs up. */
    String firstLine(String path, Object body) {
        HttpRequest request = withToken(request(path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build();
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                CLIENT.send(request, BodyHandlers.ofInputStream()).body(), StandardCharsets.UTF_8))) {
            return lines.readLine();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A post without the token. */
    Answer forged(String path, Object body) {
        return exchange(request(path)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Answer upload(String path, Map<String, byte[]> files, Map<String, String> fields) {
        String boundary = "isokinet-boundary";
        return exchange(withToken(request(path))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(multipart(boundary, files, fields)));
    }

    private static BodyPublisher multipart(String boundary, Map<String, byte[]> files, Map<String, String> fields) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            for (var field : fields.entrySet())
                out.write("--%s\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n"
                        .formatted(boundary, field.getKey(), field.getValue())
                        .getBytes(StandardCharsets.UTF_8));
            for (var file : files.entrySet()) {
                out.write(
                        "--%s\r\nContent-Disposition: form-data; name=\"files\"; filename=\"%s\"\r\nContent-Type: application/octet-stream\r\n\r\n"
                                .formatted(boundary, file.getKey())
                                .getBytes(StandardCharsets.UTF_8));
                out.write(file.getValue());
                out.write("\r\n".getBytes(StandardCharsets.UTF_8));
            }
            out.write("--%s--\r\n".formatted(boundary).getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return BodyPublishers.ofByteArray(out.toByteArray());
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE);
        if (!cookies.isEmpty())
            request.header(
                    "Cookie",
                    cookies.entrySet().stream()
                            .map(c -> c.getKey() + "=" + c.getValue())
                            .collect(Collectors.joining("; ")));
        return request;
    }

    private HttpRequest.Builder withToken(HttpRequest.Builder request) {
        String token = cookie("XSRF-TOKEN");
        return token == null ? request : request.header("X-XSRF-TOKEN", token);
    }

    String cookie(String name) {
        return cookies.get(name);
    }

    private Answer exchange(HttpRequest.Builder request) {
        String counted = StatementCount.begin();
        try {
            HttpResponse<byte[]> response =
                    CLIENT.send(request.header(StatementCount.HEADER, counted).build(), BodyHandlers.ofByteArray());
            response.headers().allValues("set-cookie").forEach(this::keep);
            return new Answer(
                    response.statusCode(),
                    new String(response.body(), StandardCharsets.UTF_8),
                    response,
                    StatementCount.end(counted));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void keep(String line) {
        for (HttpCookie cookie : HttpCookie.parse(line)) {
            if (cookie.getMaxAge() == 0 || cookie.getValue().isEmpty()) cookies.remove(cookie.getName());
            else cookies.put(cookie.getName(), cookie.getValue());
        }
    }
}
