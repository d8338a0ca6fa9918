package io.isokinet.core.safety;

import org.jspecify.annotations.Nullable;

/**
 * A usual caution. The school's own risk assessment and local rules come first.
 *
 * @param key a slug
 * @param text one sentence for the teacher
 * @param remedy what to do instead; null where the sentence says it
 */
public record Caution(
        String key, Weight weight, String text, @Nullable String remedy) {
    /** What follows from a caution. */
    public enum Weight {
        /** It must not be done as it is. */
        FORBIDS,
        /** It is done another way. */
        CHANGES,
        /** To be borne in mind. */
        WARNS
    }

    /** What is wrong and what to do instead. */
    public String sentence() {
        return remedy == null ? text : text + " " + remedy;
    }

    /** True if the segment must not be done as it is. */
    public boolean forbids() {
        return weight == Weight.FORBIDS;
    }
}
