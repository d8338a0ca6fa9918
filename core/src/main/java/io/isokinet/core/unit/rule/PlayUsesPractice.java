package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** A game asks for a cue that was practised in its lesson. */
public final class PlayUsesPractice extends Rule {
    public PlayUsesPractice() {
        super("play-uses-practice", Level.MEDIUM, 1, "Play uses what was practised");
    }

    private static boolean meet(List<String> some, List<String> others) {
        for (String one : some) for (String other : others) if (one.equals(other)) return true;
        return false;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (Segment game : lesson) {
                if (!game.works() || !game.serves(LessonPhase.PLAY)) continue;
                boolean used = false;
                for (Segment drill : lesson)
                    used |= drill.works() && !drill.serves(LessonPhase.PLAY) && meet(drill.focus(), game.focus());
                if (!used)
                    strains.segment(game, 1, () -> "%s asks for nothing that lesson %d practised."
                            .formatted(game.activity().name(), plan.number(game.lesson())));
            }
    }
}
