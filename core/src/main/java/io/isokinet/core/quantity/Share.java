package io.isokinet.core.quantity;

/** A share of a whole, 0 to 1. */
public record Share(double value) {
    public static final Share NONE = new Share(0);

    public Share {
        if (!(value >= 0 && value <= 1))
            throw new IllegalArgumentException("The share (%s) must be between 0 and 1.".formatted(value));
    }

    /** @param of more than zero @throws IllegalArgumentException if part is negative or above the whole */
    public static Share of(int part, int of) {
        if (of <= 0) throw new IllegalArgumentException("The whole (%d) must be more than zero.".formatted(of));
        return new Share((double) part / of);
    }

    /** In whole per cent, rounded to nearest. */
    public int percent() {
        return (int) Math.round(value * 100);
    }
}
