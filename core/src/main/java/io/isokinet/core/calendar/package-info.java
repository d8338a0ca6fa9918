/** Terms, closures, the timetable, and which lessons they leave; dates and local times as values. */
@NullMarked
package io.isokinet.core.calendar;

import org.jspecify.annotations.NullMarked;
