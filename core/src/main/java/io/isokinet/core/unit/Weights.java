package io.isokinet.core.unit;

import static java.util.Map.entry;

import io.isokinet.core.unit.rule.*;
import java.util.Map;

/**
 * What one of a rule's own counts costs, at the rule's level. Ten soft points are one missed exposure; the others say how much
 * of that a teacher would give for them. Common practice, no source.
 */
public final class Weights {
    /** Soft ones may be set from 0 to this. */
    public static final int MOST = 100;

    private static final Map<Class<? extends Rule>, Integer> USUAL = Map.ofEntries(
            entry(MinutesAddUp.class, 1),
            entry(PhasesServed.class, 10),
            entry(WarmBeforeFast.class, 10),
            entry(ClosingTalkKeepsItsMinutes.class, 10),
            entry(ActivityFits.class, 10),
            entry(IntroducedBeforeUsed.class, 10),
            entry(LevelsClimb.class, 10),
            entry(CautionsKept.class, 10),
            entry(LocksKept.class, 10),
            entry(EveryCueIntroducedInTime.class, 1),
            entry(NewCuesWithinAge.class, 1),
            entry(SkillsGetTheirShare.class, 1),
            entry(EndsInPlay.class, 5),
            entry(WorkHasACue.class, 2),
            entry(CueMetOftenEnough.class, 10),
            entry(CueMetInThreeLessons.class, 6),
            entry(NoLongGap.class, 4),
            entry(CueTaughtThisUnit.class, 25),
            entry(DifficultyRises.class, 8),
            entry(RightChallenge.class, 2),
            entry(WorkMatchesReached.class, 4),
            entry(NotTheSameAgain.class, 5),
            entry(OrderAsWished.class, 6),
            entry(EnoughTries.class, 1),
            entry(EnoughMotion.class, 1),
            entry(LooksSuffice.class, 1),
            entry(FewLayouts.class, 1),
            entry(StaysInItsMinutes.class, 3),
            entry(WarmsLongEnough.class, 3),
            entry(LivelyOrCalm.class, 2),
            entry(NewOrFamiliar.class, 3),
            entry(FavouritesIn.class, 20),
            entry(LittleChanges.class, 2));

    private Weights() {}

    /** @throws NullPointerException if the rule is not in the table */
    public static int usual(Rule rule) {
        return USUAL.get(rule.getClass());
    }
}
