/** Pictures of a child and a class, reports, and papers for home and for who was away. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "school",
            "place",
            "calendar",
            "knowhow",
            "paper",
            "record",
            "mastery",
            "unit",
            "lesson",
            "nextstep"
        })
@NullMarked
package io.isokinet.server.report;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
