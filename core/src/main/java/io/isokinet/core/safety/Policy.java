package io.isokinet.core.safety;

import java.util.Set;

/**
 * What a school makes of the usual cautions.
 *
 * @param softened keys of rules that only warn at this school; rules of the fixed floor stay as they are
 */
public record Policy(Set<String> softened) {
    public static final Policy USUAL = new Policy(Set.of());

    public Policy {
        softened = Set.copyOf(softened);
    }
}
