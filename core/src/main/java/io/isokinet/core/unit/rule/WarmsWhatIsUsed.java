package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.skill.Body;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import java.util.List;

/** The warm-up of a lesson warms what its skills use. */
public final class WarmsWhatIsUsed extends Rule {
    public WarmsWhatIsUsed() {
        super("warms-what-is-used", Level.SOFT, 5, "The warm-up warms what is used");
    }

    /** True if it warms it, or does not say what it warms. */
    public static boolean warms(Candidate candidate, Body body) {
        var warms = candidate.activity().conduct().warms();
        return candidate.activity().serves(LessonPhase.WARM) && (warms.isEmpty() || warms.contains(body));
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (Body body : Body.values()) {
                boolean used = false;
                for (Target target : plan.problem().targets()) {
                    if (plan.problem().knowHow().skill(target.skill()).action().uses() != body) continue;
                    for (Segment s : lesson)
                        used |= target.skill().equals(s.activity().skill());
                }
                boolean warmed = false;
                boolean warms = false;
                for (Segment s : lesson) {
                    warms |= s.serves(LessonPhase.WARM);
                    warmed |= s.serves(LessonPhase.WARM) && warms(s.candidate(), body);
                }
                if (used && warms && !warmed)
                    strains.lesson(
                            lesson.get(0).lesson(),
                            1,
                            () -> "The warm-up of lesson %d leaves the %s cold, which its work uses."
                                    .formatted(plan.number(lesson.get(0).lesson()), body.words()));
            }
    }
}
