package io.isokinet.core.quantity;

/** A child's age in whole years at the start of the school year, 3 to 14: the common ground under every school's year names. */
public record Age(int years) implements Comparable<Age> {
    public static final int YOUNGEST = 3;
    public static final int OLDEST = 14;

    public Age {
        if (years < YOUNGEST || years > OLDEST)
            throw new IllegalArgumentException(
                    "The age (%d) must be %d to %d years.".formatted(years, YOUNGEST, OLDEST));
    }

    @Override
    public int compareTo(Age other) {
        return Integer.compare(years, other.years);
    }
}
