package io.isokinet.server.school;

import java.util.UUID;

/**
 * A child's identity was deleted.
 *
 * @param dropTrials true if the school's rule drops what was seen of it
 */
public record ChildErased(UUID child, boolean dropTrials) {}
