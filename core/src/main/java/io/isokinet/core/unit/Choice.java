package io.isokinet.core.unit;

import io.isokinet.core.activity.LessonPhase;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is decided about one segment; everything else follows by the reading.
 *
 * @param id stable over revisions
 * @param phases the parts of the lesson it serves
 * @param setting step of the activity's main lever
 * @param locked true if a replan must keep it where and as it is
 * @param minutes fixed minutes; null if the reading may choose
 * @param introduces fixed introductions; null if the reading may choose
 * @param focus fixed focus cues; null if the reading may choose
 */
public record Choice(
        String id,
        Set<LessonPhase> phases,
        String activity,
        int setting,
        boolean locked,
        @Nullable Integer minutes,
        @Nullable List<String> introduces,
        @Nullable List<String> focus) {
    public Choice {
        phases = Set.copyOf(phases);
    }

    /** A free choice. */
    public static Choice of(String id, Set<LessonPhase> phases, String activity, int setting) {
        return new Choice(id, phases, activity, setting, false, null, null, null);
    }

    public Choice withLocked(boolean nowLocked) {
        return new Choice(id, phases, activity, setting, nowLocked, minutes, introduces, focus);
    }

    public Choice withActivity(String other, int otherSetting) {
        return new Choice(id, phases, other, otherSetting, locked, minutes, null, null);
    }

    /** Fixed to what the segment has now. */
    public static Choice fixed(Segment segment) {
        return new Choice(
                segment.id(),
                segment.phases(),
                segment.activity().key(),
                segment.setting(),
                segment.locked(),
                segment.minutes(),
                segment.introduces(),
                segment.focus());
    }

    /** What was decided, with all that the reading adds left open. */
    public static Choice open(Segment segment) {
        return new Choice(
                segment.id(),
                segment.phases(),
                segment.activity().key(),
                segment.setting(),
                segment.locked(),
                null,
                null,
                null);
    }
}
