/** What the records say to do next, for a class and for a lesson in the hall. */
@ApplicationModule(
        allowedDependencies = {"account", "school", "place", "calendar", "knowhow", "record", "eye", "mastery", "unit"})
@NullMarked
package io.isokinet.server.nextstep;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
