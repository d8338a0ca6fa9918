package io.isokinet.core.safety;

/**
 * A usual caution. The school's own risk assessment and local rules come first.
 *
 * @param key a slug
 * @param text one sentence for the teacher
 * @param forbids true if the segment must not be done as it is
 */
public record Caution(String key, String text, boolean forbids) {}
