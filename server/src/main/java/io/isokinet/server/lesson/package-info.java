/** One lesson worked out: groups, floors, kit over time, cautions, and its paper. */
@ApplicationModule(
        allowedDependencies = {"account", "school", "place", "calendar", "knowhow", "paper", "record", "mastery", "unit"
        })
@NullMarked
package io.isokinet.server.lesson;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
