package io.isokinet.core.unit;

import io.isokinet.core.place.Place;

/**
 * A lesson to be filled.
 *
 * @param minutes usable minutes: the timetable's less walking, changing and shoes
 * @param taught true if it has been taught; it is never changed then
 */
public record LessonSlot(int minutes, Place place, boolean taught) {}
