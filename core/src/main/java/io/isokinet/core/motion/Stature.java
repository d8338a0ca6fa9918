package io.isokinet.core.motion;

import io.isokinet.core.quantity.Age;

/** How tall a child is, for where its hands are: about 0.77 m and 6 cm a year. Common practice. */
public final class Stature {
    private Stature() {}

    /** In metres. */
    public static double of(Age age) {
        return 0.77 + 0.06 * age.years();
    }
}
