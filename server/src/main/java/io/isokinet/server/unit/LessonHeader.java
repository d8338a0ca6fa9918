package io.isokinet.server.unit;

import io.isokinet.core.activity.ActivityKeys;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a list says of a lesson, with the class and the unit that it belongs to.
 *
 * @param withClass another class that comes along; null for none
 * @param title of its unit @param number in its unit, from 1, of {@code of} @param starts null if no time was said
 * @param minutes usable ones @param cueSets of its unit, one a skill @param packs of the know-how that it was planned with
 * @param stretches in order @param focus cues that are worked on, in order, once each
 * @param fits false if its unit breaks a hard or medium rule
 * @param zone of the school, in which its day and time are told
 */
public record LessonHeader(
        UUID lesson,
        UUID unit,
        String title,
        UUID classId,
        @Nullable UUID withClass,
        int number,
        int of,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        UUID spaceId,
        LessonState state,
        List<String> cueSets,
        List<String> packs,
        List<Stretch> stretches,
        List<String> focus,
        boolean fits,
        ZoneId zone) {
    /**
     * What is done in a stretch.
     *
     * @param activity its key, or those of its stations
     * @param setting step of its main lever, from 0
     */
    public record Stretch(ActivityKeys activity, int setting) {}

    /** In order. */
    public List<ActivityKeys> activities() {
        return stretches.stream().map(Stretch::activity).toList();
    }
}
