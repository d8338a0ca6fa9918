/** The screens of the cupboard: what there is, what it is like, what falls to it. */
@ApplicationModule(allowedDependencies = {"account", "school", "place", "knowhow"})
@NullMarked
package io.isokinet.server.cupboard;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
