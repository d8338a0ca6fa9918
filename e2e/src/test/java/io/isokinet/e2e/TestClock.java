package io.isokinet.e2e;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;

/** The time that tests and the application under test share: it goes on from the moment that {@code bin/test --on} names. */
final class TestClock {
    /** A Monday morning in term, unless another moment is named. */
    private static final String USUAL = "2026-11-30T10:05:00Z";

    /** How far that moment is from the machine's own clock. */
    static final Duration OFFSET =
            Duration.between(Instant.now(), Instant.parse(System.getenv().getOrDefault("ISOKINET_TEST_NOW", USUAL)));

    /** Gives a page the same time, without touching its timers. */
    static final String IN_THE_PAGE = shiftedBy(OFFSET);

    /** Of the demo school and of the browsers. */
    static final ZoneId ZONE = ZoneId.of("Europe/London");

    private TestClock() {}

    static Instant now() {
        return Instant.now().plus(OFFSET);
    }

    /** A script that moves a page's dates by so much. */
    static String shiftedBy(Duration offset) {
        return """
                {
                  const Real = Date
                  const now = () => Real.now() + %d
                  globalThis.Date = class Date extends Real {
                    constructor(...given) {
                      given.length ? super(...given) : super(now())
                    }
                    static now() {
                      return now()
                    }
                  }
                }""".formatted(offset.toMillis());
    }

    /** Today at a school day, the next Monday at a weekend: when the demo school has its lessons. */
    static LocalDate demoDay() {
        LocalDate today = today();
        return today.getDayOfWeek().getValue() > 5 ? today.with(TemporalAdjusters.next(DayOfWeek.MONDAY)) : today;
    }

    /** The same as SQL. */
    static String sql() {
        return "timestamptz '%s'".formatted(now());
    }

    static LocalDate today() {
        return LocalDate.ofInstant(now(), ZONE);
    }
}
