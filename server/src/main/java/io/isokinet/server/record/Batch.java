package io.isokinet.server.record;

import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import jakarta.validation.Valid;
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
        List<@Valid TaughtEntry> taught) {
    /** @param seq the device's own running number @param at the device's own time */
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
            @NotNull(message = "is needed") Instant at) {}

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
