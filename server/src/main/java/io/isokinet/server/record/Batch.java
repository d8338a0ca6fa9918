package io.isokinet.server.record;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a device recorded since its last batch; sending it again changes nothing.
 *
 * @param clock the device's own time when it sent this
 */
public record Batch(
        @NotNull(message = "is needed") UUID id,
        @NotNull(message = "is needed") UUID device,
        @NotNull(message = "is needed") Instant clock,

        @NotNull(message = "is needed") @Size(max = 500, message = "has at most 500 entries; send several batches")
        List<@Valid TrialEntry> trials,

        @NotNull(message = "is needed") @Size(max = 500, message = "has at most 500 entries; send several batches")
        List<@Valid VoidEntry> voids,

        @NotNull(message = "is needed") @Size(max = 500, message = "has at most 500 entries; send several batches")
        List<@Valid RegisterEntry> register,

        @NotNull(message = "is needed") @Size(max = 100, message = "has at most 100 entries; send several batches")
        List<@Valid TaughtEntry> taught,

        @Nullable @Size(max = 500, message = "has at most 500 entries; send several batches")
        List<@Valid EventEntry> events,

        @Nullable @Size(max = 500, message = "has at most 500 entries; send several batches")
        List<@Valid HitEntry> hits) {
    public Batch {
        events = events == null ? List.of() : events;
        hits = hits == null ? List.of() : hits;
    }

    /** One without events and hits. */
    public Batch(
            UUID id,
            UUID device,
            Instant clock,
            List<TrialEntry> trials,
            List<VoidEntry> voids,
            List<RegisterEntry> register,
            List<TaughtEntry> taught) {
        this(id, device, clock, trials, voids, register, taught, List.of(), List.of());
    }

    /**
     * @param seq the device's own running number @param at the device's own time
     * @param formal true for one of the two trials of a test, which needs a sitting; left out for no
     */
    public record TrialEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID child,
            @NotBlank(message = "is needed") String cue,
            @NotNull(message = "is needed") Boolean shown,
            @NotNull(message = "is needed") Kind kind,
            @NotNull(message = "is needed") Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,

            @Nullable @Size(max = 200, message = "has at most 200 characters")
            String fault,

            @Nullable UUID lesson,
            @Nullable UUID segment,
            @NotNull(message = "is needed") Long seq,
            @NotNull(message = "is needed") Instant at,

            @Nullable @JsonInclude(JsonInclude.Include.NON_NULL)
            Boolean formal) {}

    /** What an event of a lesson is about. */
    public enum EventKind {
        CLOCK,
        SCORE,
        TALK,
        VOTE,
        NOTE,
        /** {@code what} was counted by number: {@code count}, for one or more {@code children}. */
        COUNT,
        /** A {@code child}'s {@code side} for an {@code action} was found out. */
        SIDE,
        /** A {@code child} showed the {@code cue} to the others. */
        SHOWED
    }

    /**
     * Something that happened in a lesson.
     *
     * @param body what the kind says, without names @param seq the device's own running number @param at the device's own time
     */
    public record EventEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID lesson,
            @Nullable UUID segment,
            @NotNull(message = "is needed") EventKind kind,
            @NotNull(message = "is needed") Map<String, Object> body,
            @NotNull(message = "is needed") Long seq,
            @NotNull(message = "is needed") Instant at) {}

    /**
     * A set of tries at a target, counted.
     *
     * @param kind the teacher's if left out, or home: only that may be without a lesson
     * @param missed misses whose way was not said @param distanceMm from the line to the target @param widthMm of the target
     */
    public record HitEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID child,
            @Nullable Kind kind,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            @NotBlank(message = "is needed") String skill,
            @Min(0) @Max(100) int hits,
            @Min(0) @Max(100) int missedLeft,
            @Min(0) @Max(100) int missedRight,
            @Min(0) @Max(100) int missedShort,
            @Min(0) @Max(100) int missedLong,
            @Min(0) @Max(100) int missed,
            @Nullable @Min(100) @Max(100_000) Integer distanceMm,
            @Nullable @Min(10) @Max(20_000) Integer widthMm,
            @Nullable Side side,
            @Nullable String item,
            @NotNull(message = "is needed") Long seq,
            @NotNull(message = "is needed") Instant at) {}

    /** @param trial the trial, event or set of hits that is taken back */
    public record VoidEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID trial,
            @NotNull(message = "is needed") Instant at) {}

    /** @param sitsOut here, but cannot take part today; false if left out */
    public record RegisterEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID lesson,
            @NotNull(message = "is needed") UUID child,
            @NotNull(message = "is needed") Boolean present,
            @Nullable Boolean sitsOut,
            @NotNull(message = "is needed") Instant at) {}

    public record TaughtEntry(
            @NotNull(message = "is needed") UUID id,
            @NotNull(message = "is needed") UUID schoolClass,
            @NotBlank(message = "is needed") String cue,
            @Nullable UUID lesson,
            @NotNull(message = "is needed") Instant at) {}
}
