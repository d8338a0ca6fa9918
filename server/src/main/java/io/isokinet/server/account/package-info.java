/** People, sign-in and sessions. */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package io.isokinet.server.account;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
