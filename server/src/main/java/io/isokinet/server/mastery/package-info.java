/** Marks and skill levels, computed from the records. */
@ApplicationModule(allowedDependencies = {"account", "school", "place", "knowhow", "record", "eye"})
@NullMarked
package io.isokinet.server.mastery;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
