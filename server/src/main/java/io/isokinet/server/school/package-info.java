/** Schools, classes, children and rosters. */
@ApplicationModule(allowedDependencies = {"account"})
@NullMarked
package io.isokinet.server.school;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
