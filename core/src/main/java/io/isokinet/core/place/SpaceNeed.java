package io.isokinet.core.place;

import org.jspecify.annotations.Nullable;

/**
 * How much floor an activity needs.
 *
 * @param metresLong clear length along the way things are sent, from behind the waiting children to the back-stop
 * @param metresPerGroup clear width each group needs beside the next
 * @param ceiling least height in metres; null if it does not matter
 */
public record SpaceNeed(
        double metresLong, double metresPerGroup, @Nullable Double ceiling) {
    /** The same with another floor for each group. */
    public SpaceNeed of(double longer, double wider) {
        return new SpaceNeed(longer, wider, ceiling);
    }
}
