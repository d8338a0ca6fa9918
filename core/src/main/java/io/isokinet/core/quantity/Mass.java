package io.isokinet.core.quantity;

/** A mass in kilograms: finite, zero or more. */
public record Mass(double kilograms) implements Comparable<Mass> {
    public Mass {
        if (!(kilograms >= 0 && kilograms <= Double.MAX_VALUE))
            throw new IllegalArgumentException(
                    "The mass (%s kg) must be finite and zero or more.".formatted(kilograms));
    }

    /** @param grams zero or more */
    public static Mass ofGrams(double grams) {
        return new Mass(grams / 1000);
    }

    public double grams() {
        return kilograms * 1000;
    }

    @Override
    public int compareTo(Mass other) {
        return Double.compare(kilograms, other.kilograms);
    }
}
