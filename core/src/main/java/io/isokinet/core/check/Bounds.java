package io.isokinet.core.check;

/** What is taken from outside at most. A reader holds these before it allocates or computes, and names them when it refuses. */
public final class Bounds {
    /** Of any distance on a floor. */
    public static final double MOST_METRES = 100;

    /** Of any day that is told. */
    public static final int FIRST_YEAR = 1900;

    public static final int LAST_YEAR = 2200;

    /** Of a table: no school's list is wider, and a line of commas is none. */
    public static final int MOST_COLUMNS = 300;

    public static final int MOST_ROWS = 20_000;

    /** Rows times columns, as they are held. */
    public static final int MOST_CELLS = 1_000_000;

    /** Of a file in a file, in bytes, all together. */
    public static final long MOST_UNPACKED = 40_000_000;

    /** Entries of a calendar, and the times they make until the end of the terms. */
    public static final int MOST_EVENTS = 3_000;

    public static final int MOST_TIMES = 5_000;

    private Bounds() {}

    /** True for a distance that a floor may have; false for what is no number. */
    public static boolean isDistance(double metres) {
        return metres >= 0 && metres <= MOST_METRES;
    }

    public static boolean isYear(int year) {
        return year >= FIRST_YEAR && year <= LAST_YEAR;
    }
}
