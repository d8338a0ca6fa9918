package io.isokinet.core.quantity;

/** How lengths are shown; they are always kept in metres. */
public enum LengthUnit {
    METRES,
    /** Feet and inches. */
    FEET
}
