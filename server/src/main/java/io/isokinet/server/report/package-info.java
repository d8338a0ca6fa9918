/** Pictures of a child and papers for home. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "school",
            "place",
            "calendar",
            "knowhow",
            "record",
            "mastery",
            "unit",
            "lesson"
        })
@NullMarked
package io.isokinet.server.report;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
