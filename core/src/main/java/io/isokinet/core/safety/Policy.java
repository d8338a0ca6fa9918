package io.isokinet.core.safety;

import io.isokinet.core.aim.Band;
import java.util.Set;

/**
 * What a school has decided for all its lessons.
 *
 * @param softened keys of rules that only warn at this school; rules of the fixed floor stay as they are
 * @param band how often a try is to succeed
 */
public record Policy(Set<String> softened, Band band) {
    public static final Policy USUAL = new Policy(Set.of(), Band.USUAL);

    public Policy {
        softened = Set.copyOf(softened);
    }
}
