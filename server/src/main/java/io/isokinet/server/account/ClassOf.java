package io.isokinet.server.account;

import java.util.Set;
import java.util.UUID;

/** Knows to which classes a thing belongs; each module tells for its own. */
public interface ClassOf {
    Subject subject();

    /** Empty if there is no such thing in this school. */
    Set<UUID> classes(UUID id);
}
