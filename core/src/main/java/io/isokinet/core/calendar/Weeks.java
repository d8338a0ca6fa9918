package io.isokinet.core.calendar;

/** In which weeks a timetable slot is: every week, or every other. The first week of a term is an A week. */
public enum Weeks {
    EVERY("every week"),
    A("A weeks"),
    B("B weeks");

    private final String label;

    Weeks(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** True if a slot with this pattern and one with the other can fall into one week. */
    public boolean meets(Weeks other) {
        return this == EVERY || other == EVERY || this == other;
    }
}
