/** The know-how in force, and its screens. */
@ApplicationModule(allowedDependencies = {"account", "school", "place"})
@NullMarked
package io.isokinet.server.knowhow;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
