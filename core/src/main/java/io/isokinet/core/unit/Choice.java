package io.isokinet.core.unit;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is decided about one segment; everything else follows by the reading.
 *
 * @param id stable over revisions
 * @param phases the parts of the lesson it serves
 * @param activity one, or several side by side
 * @param setting step of the activity's main lever
 * @param locked true if a replan must keep it where and as it is
 * @param minutes fixed minutes; null if the reading may choose
 * @param introduces fixed introductions; null if the reading may choose
 * @param focus fixed focus cues; null if the reading may choose
 * @param watch the cue to look for; null, or not in focus, if the reading may choose
 */
public record Choice(
        String id,
        Set<LessonPhase> phases,
        ActivityKeys activity,
        int setting,
        boolean locked,
        @Nullable Integer minutes,
        @Nullable List<String> introduces,
        @Nullable List<String> focus,
        @Nullable String watch) {
    public Choice {
        phases = LessonPhase.set(phases);
    }

    /** A free choice of one activity. */
    public static Choice of(String id, Set<LessonPhase> phases, String activity, int setting) {
        return of(id, phases, ActivityKeys.of(activity), setting);
    }

    /** A free choice. */
    public static Choice of(String id, Set<LessonPhase> phases, ActivityKeys activity, int setting) {
        return new Choice(id, phases, activity, setting, false, null, null, null, null);
    }

    public Choice withLocked(boolean nowLocked) {
        return new Choice(id, phases, activity, setting, nowLocked, minutes, introduces, focus, watch);
    }

    /** Another activity, with its cues left open. */
    public Choice withActivity(ActivityKeys other, int otherSetting) {
        return new Choice(id, phases, other, otherSetting, locked, minutes, null, null, null);
    }

    public Choice withSetting(int other) {
        return new Choice(id, phases, activity, other, locked, minutes, introduces, focus, watch);
    }

    /** @param other null to leave them open */
    public Choice withMinutes(@Nullable Integer other) {
        return new Choice(id, phases, activity, setting, locked, other, introduces, focus, watch);
    }

    /** @param nowIntroduces null to leave them open @param nowFocus null to leave them open */
    public Choice withCues(
            @Nullable List<String> nowIntroduces, @Nullable List<String> nowFocus, @Nullable String nowWatch) {
        return new Choice(id, phases, activity, setting, locked, minutes, nowIntroduces, nowFocus, nowWatch);
    }

    /** Fixed to what the segment has now. */
    public static Choice fixed(Segment s) {
        return open(s).withMinutes(s.minutes()).withCues(s.introduces(), s.focus(), s.watch());
    }

    /** What was decided, with all that the reading adds left open. */
    public static Choice open(Segment s) {
        return of(s.id(), s.phases(), s.activity().keys(), s.setting()).withLocked(s.locked());
    }
}
