package io.isokinet.core.unit;

import io.isokinet.core.unit.rule.*;
import java.util.List;

/** All rules, once: hand-made, planned and mixed plans are scored by the same ones, and the exact model is held to them. */
public final class Rules {
    private static final List<Rule> ALL = List.of(
            new MinutesAddUp(),
            new PhasesServed(),
            new WarmBeforeFast(),
            new ClosingTalkKeepsItsMinutes(),
            new ActivityFits(),
            new IntroducedBeforeUsed(),
            new LevelsClimb(),
            new CautionsKept(),
            new LocksKept(),
            new EveryCueIntroducedInTime(),
            new NewCuesWithinAge(),
            new SkillsGetTheirShare(),
            new EndsInPlay(),
            new WorkHasACue(),
            new CueMetOftenEnough(),
            new CueMetInThreeLessons(),
            new NoLongGap(),
            new CueTaughtThisUnit(),
            new DifficultyRises(),
            new RightChallenge(),
            new WorkMatchesReached(),
            new NotTheSameAgain(),
            new OrderAsWished(),
            new EnoughTries(),
            new EnoughMotion(),
            new LooksSuffice(),
            new FewLayouts(),
            new StaysInItsMinutes(),
            new WarmsLongEnough(),
            new LivelyOrCalm(),
            new NewOrFamiliar(),
            new FavouritesIn(),
            new LittleChanges());

    private Rules() {}

    public static List<Rule> all() {
        return ALL;
    }

    /** Every strain of a plan, the hard ones first. */
    public static List<Strain> strains(Plan plan) {
        return ALL.stream().flatMap(rule -> Strain.of(rule, plan).stream()).toList();
    }

    public static Score score(Plan plan) {
        long[] cost = new long[Rule.Level.values().length];
        for (Rule rule : ALL) cost[rule.level().ordinal()] += Strain.cost(rule, plan);
        return new Score(cost[0], cost[1], cost[2]);
    }
}
