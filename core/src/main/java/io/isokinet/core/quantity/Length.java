package io.isokinet.core.quantity;

/** A length in metres: finite, zero or more. */
public record Length(double metres) implements Comparable<Length> {
    public Length {
        if (!(metres >= 0 && metres <= Double.MAX_VALUE))
            throw new IllegalArgumentException("The length (%s m) must be finite and zero or more.".formatted(metres));
    }

    /** @param millimetres zero or more */
    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres / 1000);
    }

    public double millimetres() {
        return metres * 1000;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(metres, other.metres);
    }
}
