package io.isokinet.core.unit;

import io.isokinet.core.place.Place;

/**
 * A lesson to be filled.
 *
 * @param minutes usable minutes: the timetable's less walking, changing and shoes
 * @param taught true if it has been taught; it is never changed then
 * @param kept true if its locks are all of it, so that nothing is added
 */
public record LessonSlot(int minutes, Place place, boolean taught, boolean kept) {
    /** One that is kept only once it was taught. */
    public LessonSlot(int minutes, Place place, boolean taught) {
        this(minutes, place, taught, taught);
    }
}
