package io.isokinet.core.unit;

import io.isokinet.core.unit.rule.*;
import java.util.List;

/** All rules, once: hand-made, planned and mixed plans are scored by the same ones. */
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
            new PlayMatchesPractice(),
            new NotTheSameAgain(),
            new OrderAsWished(),
            new EnoughTries());

    private Rules() {}

    public static List<Rule> all() {
        return ALL;
    }

    /** Every strain of a plan, the hard ones first. */
    public static List<Strain> strains(Plan plan) {
        return ALL.stream().flatMap(rule -> rule.strains(plan)).toList();
    }

    public static Score score(Plan plan) {
        long[] cost = new long[Rule.Level.values().length];
        for (Rule rule : ALL)
            cost[rule.level().ordinal()] +=
                    rule.strains(plan).mapToLong(Strain::cost).sum();
        return new Score(cost[0], cost[1], cost[2]);
    }
}
