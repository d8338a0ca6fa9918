/** The demo school, made only by the demo command. */
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
            "year",
            "hall"
        })
@NullMarked
package io.isokinet.server.demo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
