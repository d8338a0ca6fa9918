package io.isokinet.core.belief;

import java.util.Arrays;

/**
 * A count that is not certain: eight times in ten it lies between the lower and the upper end.
 *
 * @param low first decile
 * @param middle median
 * @param high ninth decile
 */
public record HowMany(int low, int middle, int high) {
    /**
     * @param counts that came out, in any order, at least one
     * @throws IllegalArgumentException if there is none
     */
    static HowMany of(int[] counts) {
        if (counts.length == 0)
            throw new IllegalArgumentException("A band needs a count at least; none was given. Rehearse once or more.");
        int[] sorted = counts.clone();
        Arrays.sort(sorted);
        int last = sorted.length - 1;
        return new HowMany(
                sorted[(int) Math.round(0.1 * last)],
                sorted[(int) Math.round(0.5 * last)],
                sorted[(int) Math.round(0.9 * last)]);
    }

    /** The others of so many. */
    public HowMany others(int of) {
        return new HowMany(of - high, of - middle, of - low);
    }

    /** "17 to 22", or the number alone where there is only one. */
    public String words() {
        return low == high ? Integer.toString(low) : "%d to %d".formatted(low, high);
    }
}
