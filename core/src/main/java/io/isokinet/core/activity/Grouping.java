package io.isokinet.core.activity;

/**
 * A formation with its group sizes.
 *
 * @param least smallest group it works with, at least 1
 * @param usual the size aimed for
 * @param most largest group
 */
public record Grouping(Formation formation, int least, int usual, int most) {
    public Grouping {
        if (least < 1 || usual < least || most < usual)
            throw new IllegalArgumentException(
                    "Group sizes must rise from least (%d) over usual (%d) to most (%d), from 1."
                            .formatted(least, usual, most));
    }
}
