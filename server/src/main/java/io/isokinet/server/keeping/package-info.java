/** What is kept of whom and how long, what goes in the night, and texts that name a child. */
@ApplicationModule(allowedDependencies = {"account", "school"})
@NullMarked
package io.isokinet.server.keeping;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
