/** Problem details, ids, and what the application says when the database is gone; shared. */
@ApplicationModule()
@NullMarked
package io.isokinet.server.http;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
