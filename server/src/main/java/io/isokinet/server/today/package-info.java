/** What happens now and next, what to lay out, and the calendar that others subscribe to. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "school",
            "place",
            "calendar",
            "knowhow",
            "record",
            "eye",
            "mastery",
            "unit",
            "lesson"
        })
@NullMarked
package io.isokinet.server.today;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
