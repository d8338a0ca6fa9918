package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;
import java.util.Set;

/** Talk, warm-up, recap, teaching and practice, play, calm down, closing talk: each in its place. Planning keeps it by its slots. */
public final class PartsInOrder extends Rule {
    public PartsInOrder() {
        super("parts-in-order", Level.MEDIUM, 1, "The parts of a lesson have an order");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons()) {
            int latest = 0;
            for (Segment s : lesson) {
                int here = place(s.phases());
                if (here < latest)
                    strains.segment(s, 1, () -> "%s is %s and comes too late in lesson %d."
                            .formatted(s.activity().name(), name(here), plan.number(s.lesson())));
                latest = Math.max(latest, here);
            }
        }
    }

    /** 0 to 4: talk, warm-up, practice, play, close. */
    private static int place(Set<LessonPhase> phases) {
        if (phases.contains(LessonPhase.GATHER)) return 0;
        if (phases.contains(LessonPhase.WARM) || phases.contains(LessonPhase.RECAP)) return 1;
        if (phases.contains(LessonPhase.PRACTISE) || phases.contains(LessonPhase.TEACH)) return 2;
        return phases.contains(LessonPhase.PLAY) ? 3 : 4;
    }

    private static String name(int place) {
        return switch (place) {
            case 0 -> "an opening talk";
            case 1 -> "a warm-up";
            case 2 -> "practice";
            case 3 -> "play";
            default -> "a close";
        };
    }
}
