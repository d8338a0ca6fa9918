/** The school year on a page. */
@ApplicationModule(allowedDependencies = {"account", "school", "place", "calendar", "knowhow", "paper", "unit"})
@NullMarked
package io.isokinet.server.year;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
