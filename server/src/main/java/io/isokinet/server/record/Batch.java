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
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a device recorded since its last batch; sending it again changes nothing.
 *
 * @param clock the device's own time when it sent this
 */
public record Batch(
        @NotNull UUID id,
        @NotNull UUID device,
        @NotNull @DeviceTime Instant clock,

        @NotNull @Size(max = 500, message = Batch.TOO_MANY) List<@Valid TrialEntry> trials,

        @NotNull @Size(max = 500, message = Batch.TOO_MANY) List<@Valid VoidEntry> voids,

        @NotNull @Size(max = 500, message = Batch.TOO_MANY) List<@Valid RegisterEntry> register,

        @NotNull @Size(max = 100, message = Batch.TOO_MANY) List<@Valid TaughtEntry> taught,

        @Nullable @Size(max = 500, message = Batch.TOO_MANY) List<@Valid EventEntry> events,

        @Nullable @Size(max = 500, message = Batch.TOO_MANY) List<@Valid HitEntry> hits) {
    /** What is said of more entries than one batch may have; the words stand with the other messages. */
    static final String TOO_MANY = "{too.many.entries}";

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
            @NotNull UUID id,
            @NotNull UUID child,
            @NotBlank String cue,
            @NotNull Boolean shown,
            @NotNull Kind kind,
            @NotNull Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,

            @Nullable @Size(max = 200) String fault,

            @Nullable UUID lesson,
            @Nullable UUID segment,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at,

            @Nullable @JsonInclude(JsonInclude.Include.NON_NULL)
            Boolean formal) {}

    /**
     * A set of tries at a target, counted.
     *
     * @param kind the teacher's if left out, or home: only that may be without a lesson
     * @param missed misses whose way was not said @param distanceMm from the line to the target @param widthMm of the target
     */
    public record HitEntry(
            @NotNull UUID id,
            @NotNull UUID child,
            @Nullable Kind kind,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            @NotBlank String skill,
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
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at) {}

    /** @param trial the trial, event or set of hits that is taken back */
    public record VoidEntry(
            @NotNull UUID id,
            @NotNull UUID trial,
            @NotNull @DeviceTime Instant at) {}

    /** @param sitsOut here, but cannot take part today; false if left out */
    public record RegisterEntry(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @NotNull UUID child,
            @NotNull Boolean present,
            @Nullable Boolean sitsOut,
            @NotNull @DeviceTime Instant at) {}

    public record TaughtEntry(
            @NotNull UUID id,
            @NotNull UUID schoolClass,
            @NotBlank String cue,
            @Nullable UUID lesson,
            @NotNull @DeviceTime Instant at) {}
}
