/** What a tablet in the hall needs for one lesson. */
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
            "lesson",
            "nextstep"
        })
@NullMarked
package io.isokinet.server.hall;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
