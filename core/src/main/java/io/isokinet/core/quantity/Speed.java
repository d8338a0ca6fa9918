package io.isokinet.core.quantity;

/** A speed in metres per second: finite, zero or more. */
public record Speed(double metresPerSecond) {
    public Speed {
        if (!(metresPerSecond >= 0 && metresPerSecond <= Double.MAX_VALUE))
            throw new IllegalArgumentException(
                    "The speed (%s m/s) must be finite and zero or more.".formatted(metresPerSecond));
    }
}
