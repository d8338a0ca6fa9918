package io.isokinet.core.unit;

import io.isokinet.core.place.Place;

/**
 * A lesson to be filled.
 *
 * @param minutes usable minutes: the timetable's less walking, changing and shoes
 * @param taught true if it has been taught; it is never changed then
 * @param kept true if its locks are all of it, so that nothing is added
 * @param number that people know it by, from 1: lessons that were lost count too; 0 for its place in the unit
 * @param prepared true if it was printed, laid out or told to the class, so that a replan changes it last
 * @param kit percent of what is in the cupboard that can be had for it
 * @param guests children of another class that come along to it
 */
public record LessonSlot(
        int minutes, Place place, boolean taught, boolean kept, int number, boolean prepared, int kit, int guests) {
    /** With nobody else. */
    public LessonSlot(int minutes, Place place, boolean taught, boolean kept, int number, boolean prepared, int kit) {
        this(minutes, place, taught, kept, number, prepared, kit, 0);
    }

    /** With the whole cupboard. */
    public LessonSlot(int minutes, Place place, boolean taught, boolean kept, int number, boolean prepared) {
        this(minutes, place, taught, kept, number, prepared, 100, 0);
    }

    /** One that is kept only once it was taught. */
    public LessonSlot(int minutes, Place place, boolean taught) {
        this(minutes, place, taught, taught, 0, false);
    }
}
