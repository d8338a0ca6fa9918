/** How an observer's eye does: rounds that were judged, and what they tell. */
@ApplicationModule(allowedDependencies = {"account", "school", "knowhow"})
@NullMarked
package io.isokinet.server.eye;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
