/** Terms, closures, the timetable, and what others have booked. */
@ApplicationModule(allowedDependencies = {"account", "school", "place"})
@NullMarked
package io.isokinet.server.calendar;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
