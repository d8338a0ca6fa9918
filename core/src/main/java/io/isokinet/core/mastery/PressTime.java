package io.isokinet.core.mastery;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/**
 * When something was pressed, as well as it can be known of a device whose clock is wrong, is set, or jumps.
 *
 * @param at by the school's clock, never later than it arrived
 * @param doubt why the device's time was not believed; null where it was
 */
public record PressTime(Instant at, @Nullable Doubt doubt) {
    /** Below this a difference of clocks is the network, not the clock. */
    private static final Duration NETWORK = Duration.ofMinutes(1);
    /** A press that goes out within this time after it was made is believed whatever the day of its lesson: lessons are held late. */
    private static final Duration SOON = Duration.ofDays(1);
    /** How far from the day of its lesson a press may have been made that waited longer; a choice, no source. */
    private static final int DAYS_FROM_LESSON = 14;
    /** How long a press of no lesson may have waited on a device: over the summer. */
    private static final Duration LONGEST_WAIT = Duration.ofDays(120);

    /** Why the time of a device is not believed. */
    public enum Doubt {
        /** It was pressed later than it was sent: the clock was set back between. */
        AFTER_SENDING,
        /** It waited, and its day is weeks away from the day of its lesson. */
        FAR_FROM_LESSON,
        /** It belongs to no lesson and says that it waited for months. */
        LONG_AGO
    }

    /**
     * By the clock of the device when it pressed and when it sent, and ours when it arrived: the device's clock is as wrong at both, so
     * that the difference is taken off. Where that cannot be so, what was pressed is filed under the noon of its lesson, or where it has
     * none, under its arrival.
     *
     * @param pressed and {@code sent} by the device's clock
     * @param lesson the day of its lesson, if it has one
     */
    public static PressTime of(
            Instant pressed, Instant sent, Instant received, @Nullable LocalDate lesson, ZoneId zone) {
        Duration waited = Duration.between(pressed, sent);
        if (waited.compareTo(NETWORK.negated()) < 0) return filed(received, lesson, zone, Doubt.AFTER_SENDING);
        Duration off = Duration.between(sent, received);
        Instant at = earlier(off.abs().compareTo(NETWORK) < 0 ? pressed : pressed.plus(off), received);
        if (waited.compareTo(SOON) <= 0) return new PressTime(at, null);
        if (lesson == null)
            return waited.compareTo(LONGEST_WAIT) > 0
                    ? filed(received, null, zone, Doubt.LONG_AGO)
                    : new PressTime(at, null);
        long days = Math.abs(ChronoUnit.DAYS.between(lesson, at.atZone(zone).toLocalDate()));
        return days > DAYS_FROM_LESSON ? filed(received, lesson, zone, Doubt.FAR_FROM_LESSON) : new PressTime(at, null);
    }

    private static PressTime filed(Instant received, @Nullable LocalDate lesson, ZoneId zone, Doubt doubt) {
        Instant at = lesson == null
                ? received
                : lesson.atTime(LocalTime.NOON).atZone(zone).toInstant();
        return new PressTime(earlier(at, received), doubt);
    }

    private static Instant earlier(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }
}
