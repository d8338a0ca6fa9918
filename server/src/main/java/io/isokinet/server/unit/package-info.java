/** Units, their revisions, and lessons. */
@ApplicationModule(
        allowedDependencies = {"account", "school", "place", "calendar", "knowhow", "record", "keeping", "mastery"})
@NullMarked
package io.isokinet.server.unit;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
