package io.isokinet.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/**
 * Browsers that somebody signed in with before. What others try from elsewhere does not shut these out: they have a count of their
 * own. A browser proves itself by a secret that it keeps and that opens nothing by itself.
 */
@Service
class KnownDevices {
    static final String COOKIE = "isokinet-known";
    private static final Duration KEPT = Duration.ofDays(400);
    private static final String KNOWN =
            "select exists (select 1 from known_device where person_id = :person and secret_sha256 = :hash)";
    private static final String ADD =
            "insert into known_device (person_id, secret_sha256, since) values (:person, :hash, :now) on conflict do nothing";
    private static final String FORGET = "delete from known_device where person_id = :person";

    private final JdbcClient jdbc;
    private final Clock clock;

    KnownDevices(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The name of the count for this browser and person; empty if they have not met. */
    Optional<String> count(@Nullable UUID person, HttpServletRequest request) {
        String secret = secret(request);
        if (person == null || secret == null) return Optional.empty();
        String hash = Secrets.hash(secret);
        boolean known = jdbc.sql(KNOWN)
                .param("person", person)
                .param("hash", hash)
                .query(Boolean.class)
                .single();
        return known ? Optional.of("device " + person + " " + hash.substring(0, 16)) : Optional.empty();
    }

    /** Remembers a browser that signed in. */
    void remember(UUID person, HttpServletRequest request, HttpServletResponse response) {
        String there = secret(request);
        String secret = there == null ? Secrets.next() : there;
        jdbc.sql(ADD)
                .param("person", person)
                .param("hash", Secrets.hash(secret))
                .param("now", Timestamp.from(clock.instant()))
                .update();
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, secret)
                        .path("/api/session")
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    /** After a new password every browser has to meet the person again. */
    void forget(UUID person) {
        jdbc.sql(FORGET).param("person", person).update();
    }

    private static @Nullable String secret(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies == null) return null;
        return Arrays.stream(cookies)
                .filter(c -> c.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .filter(v -> v.length() == Secrets.LENGTH)
                .findFirst()
                .orElse(null);
    }
}
