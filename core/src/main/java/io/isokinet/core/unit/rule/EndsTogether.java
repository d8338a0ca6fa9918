package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.Wishes.Ending;
import java.util.List;

/** The last lesson of a unit brings it together: bests to beat, a small tournament, or a festival of stations; nothing in it is new. */
public final class EndsTogether extends Rule {
    public EndsTogether() {
        super("ends-together", Level.SOFT, 15, "The last lesson brings it together");
    }

    @Override
    boolean isWished(Wishes wishes) {
        return wishes.ending() != Ending.AS_IT_COMES;
    }

    /** A unit of fewer lessons has nothing to bring together. */
    public static final int FEWEST = 3;

    /** True if a game of the last lesson would do for the end that is wished, provided that the class knows it. */
    public static boolean suits(Candidate game, Ending ending) {
        return switch (ending) {
            case AS_IT_COMES, BESTS -> game.activity().isGame();
            case TOURNAMENT ->
                game.activity().isGame()
                        && game.activity().grouping().formation().is(Formation.Is.COMPETES)
                        && game.activity().conduct().scoring() != Scoring.NONE;
            case FESTIVAL -> false;
        };
    }

    /** True if it is a festival by itself. */
    public static boolean isFestival(Candidate work, Ending ending) {
        return !work.activity().stations().isEmpty() && (ending == Ending.FESTIVAL || ending == Ending.AS_IT_COMES);
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int last = plan.lessons().size() - 1;
        if (plan.problem().lessons().size() < FEWEST
                || last < plan.problem().lessons().size() - 1
                || plan.problem().lessons().get(last).kept()) return;
        Ending ending = plan.problem().wishes().ending();
        boolean together = false;
        boolean fresh = false;
        for (Segment s : plan.lessons().get(last)) {
            // What the teacher wants there is no fault.
            for (String cue : s.introduces()) fresh |= plan.problem().pin(cue) != last;
            together |= isFestival(s.candidate(), ending)
                    || s.serves(LessonPhase.PLAY) && suits(s.candidate(), ending) && isKnown(plan, s);
        }
        if (!together)
            strains.lesson(last, 1, () -> "Lesson %d is the last and does not bring the unit together: %s."
                    .formatted(plan.number(last), missing(ending)));
        if (fresh)
            strains.lesson(
                    last, 1, () -> "Lesson %d is the last and begins something new.".formatted(plan.number(last)));
    }

    private static boolean isKnown(Plan plan, Segment game) {
        List<Segment> work = plan.work();
        for (Segment s : work)
            if (s.lesson() < game.lesson()
                    && s.activity().key().equals(game.activity().key())) return true;
        return false;
    }

    private static String missing(Ending ending) {
        return switch (ending) {
            case AS_IT_COMES, BESTS -> "no game in it was played before, so there is no best to beat";
            case TOURNAMENT -> "no counted game between groups that the class knows is in it";
            case FESTIVAL -> "it has no round of stations";
        };
    }
}
