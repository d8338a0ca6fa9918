/** Trials, voids, the register and what was taught: appended, never changed. */
@ApplicationModule(allowedDependencies = {"account", "school", "place", "knowhow"})
@NullMarked
package io.isokinet.server.record;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
