package io.isokinet.server.unit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.isokinet.server.http.Fields;
import io.isokinet.server.place.Spaces;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What happens to a lesson; its {@code kind} says which. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @Type(name = "LOST", value = LessonChangeForm.LostForm.class),
    @Type(name = "MOVED", value = LessonChangeForm.MovedForm.class),
    @Type(name = "SWAPPED", value = LessonChangeForm.SwappedForm.class),
    @Type(name = "SHORTENED", value = LessonChangeForm.ShortenedForm.class),
    @Type(name = "INDOORS", value = LessonChangeForm.IndoorsForm.class),
    @Type(name = "DOORWAY", value = LessonChangeForm.DoorwayForm.class)
})
public sealed interface LessonChangeForm {
    /** What can happen to a lesson. */
    enum Kind {
        LOST("lost"),
        MOVED("moved"),
        SWAPPED("swapped"),
        SHORTENED("shortened"),
        INDOORS("moved indoors"),
        DOORWAY("changed at the door");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** What becomes of the lessons after a lost one. */
    enum Rest {
        /** Each plan goes to the next date; the unit ends one lesson later. */
        ALONG,
        /** The unit ends when it did; what is left is planned again. */
        SQUEEZE
    }

    /** In a few words; null or empty if nobody asks. */
    @Nullable
    String why();

    /** The reason in brackets, to end a sentence with; empty if none was given. */
    default String because() {
        String why = why();
        return why == null || why.isBlank() ? "" : " (" + why.strip() + ")";
    }

    /** @param rest what becomes of the lessons after it */
    record LostForm(
            @Nullable @Size(max = 120) String why, @NotNull Rest rest) implements LessonChangeForm {}

    /**
     * @param starts with minutes and space from the timetable of that day if they are left out, or else as they were
     * @param anyway true to do what was asked about: a closed day, a place that is taken
     */
    record MovedForm(
            @Nullable @Size(max = 120) String why,
            @NotNull LocalDate onDate,
            @Nullable LocalTime starts,
            @Nullable Integer minutes,
            @Nullable UUID spaceId,
            boolean anyway)
            implements LessonChangeForm {}

    /** @param with the other lesson, of this class or another */
    record SwappedForm(
            @Nullable @Size(max = 120) String why, @NotNull UUID with) implements LessonChangeForm {}

    /** @param minutes fewer than it has */
    record ShortenedForm(
            @Nullable @Size(max = 120) String why, @NotNull Integer minutes) implements LessonChangeForm {
        private static final int FEWEST = 10;

        void check(LessonRow lesson) {
            new Fields()
                    .check(
                            minutes >= FEWEST && minutes < lesson.minutes(),
                            "minutes",
                            "must be %d or more, and fewer than the %d the lesson has."
                                    .formatted(FEWEST, lesson.minutes()))
                    .done();
        }
    }

    /**
     * @param spaceId the wet-weather place of the lesson's own place if it is left out
     * @param anyway true to go there though it is taken
     */
    record IndoorsForm(
            @Nullable @Size(max = 120) String why, @Nullable UUID spaceId, boolean anyway)
            implements LessonChangeForm {}

    /**
     * Five to nine: answered at once, without planning.
     *
     * @param minutes that are left; null for those it has
     * @param spaceId where it goes; null to stay, or for a refuge
     * @param refuge where the school has no space for it of its own
     * @param kitPercent of the kit that can be had; null for what it has
     * @param withClass another class that comes along; null for who comes already
     * @param anyway true to go there though it is taken
     */
    record DoorwayForm(
            @Nullable @Size(max = 120) String why,
            @Nullable @Min(10) @Max(120) Integer minutes,
            @Nullable UUID spaceId,
            Spaces.@Nullable Refuge refuge,
            @Nullable @Min(0) @Max(100) Integer kitPercent,
            @Nullable UUID withClass,
            boolean anyway)
            implements LessonChangeForm {}

    /** Which of them it is. */
    static Kind kind(LessonChangeForm form) {
        if (form instanceof LostForm) return Kind.LOST;
        if (form instanceof MovedForm) return Kind.MOVED;
        if (form instanceof SwappedForm) return Kind.SWAPPED;
        if (form instanceof DoorwayForm) return Kind.DOORWAY;
        return form instanceof ShortenedForm ? Kind.SHORTENED : Kind.INDOORS;
    }
}
