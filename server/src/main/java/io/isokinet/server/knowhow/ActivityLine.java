package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An activity as lists name it.
 *
 * @param plain what it is, in plain words; null where nobody wrote it and there is no skill
 * @param level null where there is no skill
 */
record ActivityLine(
        String key,
        String name,
        @Nullable String plain,
        List<LessonPhase> phases,
        @Nullable String skill,
        @Nullable String skillName,
        @Nullable Integer level,
        @Nullable String rung,
        String formation,
        String scoring,
        int ageFrom,
        int ageTo,
        int minutesLeast,
        int minutesMost,
        boolean own,
        boolean aside) {

    static ActivityLine of(Activity a, KnowHows knowHows) {
        return new ActivityLine(
                a.key(),
                a.name(),
                knowHows.current().library().names().plain(a, knowHows.current()),
                a.phases().stream().sorted().toList(),
                a.skill(),
                a.skill() == null ? null : knowHows.current().skill(a.skill()).name(),
                a.rung() == null ? null : a.rung().level(),
                a.rung() == null ? null : a.rung().label(),
                a.grouping().formation().label(),
                a.conduct().scoring().label(),
                a.ageFrom(),
                a.ageTo(),
                a.minutesLeast(),
                a.minutesMost(),
                knowHows.inForce().own().contains(a.key()),
                knowHows.inForce().aside().contains(a.key()));
    }
}
