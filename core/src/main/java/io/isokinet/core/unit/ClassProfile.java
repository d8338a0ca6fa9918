package io.isokinet.core.unit;

import io.isokinet.core.quantity.Age;

/** @param children on the roll, at least 1 for planning */
public record ClassProfile(Age age, int children) {}
