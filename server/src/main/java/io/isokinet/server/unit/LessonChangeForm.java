package io.isokinet.server.unit;

import io.isokinet.server.http.Fields;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What happens to a lesson.
 *
 * @param why in a few words; empty if nobody asks
 * @param rest for LOST
 * @param onDate for MOVED; starts, minutes and space come from the timetable of that day if they are left out
 * @param minutes for SHORTENED
 * @param spaceId for INDOORS; the wet-weather place of the lesson's own place if it is left out
 * @param with for SWAPPED: the other lesson, of this class or another
 * @param anyway true to do what was asked about: a closed day, a place that is taken
 */
public record LessonChangeForm(
        Kind kind,
        String why,
        @Nullable Rest rest,
        @Nullable LocalDate onDate,
        @Nullable LocalTime starts,
        @Nullable Integer minutes,
        @Nullable UUID spaceId,
        @Nullable UUID with,
        boolean anyway) {
    /** What can happen to a lesson. */
    public enum Kind {
        LOST("lost"),
        MOVED("moved"),
        SWAPPED("swapped"),
        SHORTENED("shortened"),
        INDOORS("moved indoors");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** What becomes of the lessons after a lost one. */
    public enum Rest {
        /** Each plan goes to the next date; the unit ends one lesson later. */
        ALONG,
        /** The unit ends when it did; what is left is planned again. */
        SQUEEZE
    }

    /** @param lesson that it happens to @throws io.isokinet.core.check.FoundException with each field that is missing or wrong */
    void check(LessonRow lesson) {
        new Fields()
                .check(why.length() <= 120, "why", "may have 120 characters.")
                .check(kind != Kind.MOVED || onDate != null, "onDate", "is needed to move a lesson.")
                .check(
                        kind != Kind.LOST || rest != null,
                        "rest",
                        "is needed: do the later lessons move along, or are they squeezed?")
                .check(
                        kind != Kind.SHORTENED || minutes != null && minutes >= 10 && minutes < lesson.minutes(),
                        "minutes",
                        "must be 10 or more, and fewer than the %d the lesson has.".formatted(lesson.minutes()))
                .check(kind != Kind.SWAPPED || with != null, "with", "is needed: swapped with which lesson?")
                .done();
    }

    /** The reason in brackets, to end a sentence with; empty if none was given. */
    String because() {
        return why.isBlank() ? "" : " (" + why.strip() + ")";
    }
}
