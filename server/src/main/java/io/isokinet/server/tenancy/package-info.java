/** Which school a thread works for, and the rows that belong to one; shared. */
@ApplicationModule()
@NullMarked
package io.isokinet.server.tenancy;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
