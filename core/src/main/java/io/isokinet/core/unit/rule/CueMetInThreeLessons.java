package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** A new cue is met in at least three lessons, or in all that are left. */
public final class CueMetInThreeLessons extends Rule {
    public CueMetInThreeLessons() {
        super("cue-met-in-three-lessons", Level.SOFT, 6, "Each cue comes back");
    }

    private static final int LESSONS = 3;

    @Override
    public void judge(Plan plan, Strains strains) {
        int lessons = plan.lessons().size();
        for (String cue : plan.targetCues()) {
            List<Segment> meeting = plan.meeting(cue);
            if (meeting.isEmpty()
                    || plan.leftOver().contains(cue)
                    || plan.problem().state(cue).taught()) continue;
            int in = 0;
            int last = -1;
            for (Segment s : meeting)
                if (s.lesson() != last) {
                    in++;
                    last = s.lesson();
                }
            int met = in;
            int wanted = Math.min(LESSONS, lessons - meeting.get(0).lesson());
            if (met < wanted)
                strains.unit(wanted - met, () -> "“%s” is met in %d lesson%s; %d are wanted."
                        .formatted(plan.problem().knowHow().cue(cue).call(), met, met == 1 ? "" : "s", wanted));
        }
    }
}
