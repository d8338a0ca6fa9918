package io.isokinet.server;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/** The time that tests and the application under test share: it goes on from the moment that {@code bin/test --on} names. */
final class TestClock {
    /** A Monday morning in term, unless another moment is named. */
    private static final String USUAL = "2026-11-30T10:05:00Z";

    /** How far that moment is from the machine's own clock. */
    static final Duration OFFSET =
            Duration.between(Instant.now(), Instant.parse(System.getenv().getOrDefault("ISOKINET_TEST_NOW", USUAL)));

    /** Of the schools that the tests make. */
    static final ZoneId ZONE = ZoneId.of("Europe/London");

    private TestClock() {}

    static Instant now() {
        return Instant.now().plus(OFFSET);
    }

    static LocalDate today() {
        return LocalDate.ofInstant(now(), ZONE);
    }
}
