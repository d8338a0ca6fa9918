/** Spaces and the cupboard. */
@ApplicationModule(allowedDependencies = {"account", "school"})
@NullMarked
package io.isokinet.server.place;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
