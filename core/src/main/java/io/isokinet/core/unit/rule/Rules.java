package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import java.util.List;
import java.util.Map;

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
            new LoadKept(),
            new LoadHasRoom(),
            new LocksKept(),
            new CueChoicesKept(),
            new EveryCueIntroducedInTime(),
            new NewCuesWithinAge(),
            new SkillsGetTheirShare(),
            new PartsInOrder(),
            new EndsInPlay(),
            new PlayUsesPractice(),
            new PlayedSoon(),
            new WorkHasACue(),
            new CueMetOftenEnough(),
            new CueMetInThreeLessons(),
            new NoLongGap(),
            new CueTaughtThisUnit(),
            new CuesInOrder(),
            new DifficultyRises(),
            new RightChallenge(),
            new NewAtItsEasiest(),
            new WorkMatchesReached(),
            new NotTheSameAgain(),
            new NoRunOfTheSame(),
            new ShapeWorkIsShort(),
            new OrderAsWished(),
            new EnoughTries(),
            new EnoughMotion(),
            new LittleWaiting(),
            new QueuesApart(),
            new LooksSuffice(),
            new FewLayouts(),
            new StaysInItsMinutes(),
            new WarmsLongEnough(),
            new OpeningsBelong(),
            new EndsTogether(),
            new KitStaysOut(),
            new WarmsWhatIsUsed(),
            new LivelyOrCalm(),
            new NewOrFamiliar(),
            new FavouritesIn(),
            new LittleChanges());

    private Rules() {}

    public static List<Rule> all() {
        return ALL;
    }

    /**
     * Checks weights that somebody wished for.
     *
     * @param weights by key of a soft rule, 0 to {@value Rule#MOST_WEIGHT}
     * @throws IllegalArgumentException if there is no such rule, it is not soft, or cannot weigh so much
     */
    public static void check(Map<String, Integer> weights) {
        weights.forEach((key, weight) -> {
            Rule rule = ALL.stream()
                    .filter(r -> r.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "There is no rule (%s); take its key from the list of rules.".formatted(key)));
            if (rule.level() != Rule.Level.SOFT)
                throw new IllegalArgumentException(
                        "“%s” is not a soft rule; its weight stays as it is.".formatted(rule.name()));
            if (weight < 0 || weight > Rule.MOST_WEIGHT)
                throw new IllegalArgumentException(
                        "“%s” can weigh 0 to %d, not %d.".formatted(rule.name(), Rule.MOST_WEIGHT, weight));
        });
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
