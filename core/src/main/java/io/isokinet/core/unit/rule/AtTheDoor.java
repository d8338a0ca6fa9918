package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Target;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a colleague would say of a unit at the door: at most three things, the worst first. All else that was weighed is for who asks. */
public final class AtTheDoor {
    private static final int MOST = 3;
    /** Two missed exposures: less is not worth a word. */
    private static final long WORTH = 20;
    /** One missed exposure in one place: what is little everywhere is nobody's to mend. */
    private static final long NOTED = 10;

    /** Rules about the same thing done again. */
    private static final Set<String> AGAIN = Set.of(new NotTheSameAgain().key(), new NoRunOfTheSame().key());

    /** Rules about how often a cue is met: a cue that is met too rarely is said once. */
    private static final Set<String> MET = Set.of(new CueMetInThreeLessons().key(), new CueMetOftenEnough().key());

    private AtTheDoor() {}

    private static boolean isMet(Said said) {
        return MET.contains(said.worst().rule().key());
    }

    /**
     * One of them.
     *
     * @param worst of its rule
     * @param more places of the same rule beside it
     * @param cause where one cause is behind all of them: that, said once; else null
     */
    public record Said(Strain worst, int more, @Nullable String cause) {
        Said(Strain worst, int more) {
            this(worst, more, null);
        }

        /** In words: "Bow and Arrow comes twice in a row, and 2 more like it.", or why it cannot be otherwise. */
        public String words() {
            if (cause != null) return cause;
            String sentence = worst.sentence();
            return more == 0
                    ? sentence
                    : "%s And %d more like %s.".formatted(sentence, more, more == 1 ? "it" : "this");
        }
    }

    /** Where what is done again is done again since nothing else fits: how few there are for how many stretches. */
    private static @Nullable String tooFew(Plan plan, List<Strain> strains) {
        if (strains.size() < plan.lessons().size()) return null;
        for (Target target : plan.problem().targets()) {
            long stretches = plan.work().stream()
                    .filter(s -> target.skill().equals(s.activity().skill()))
                    .count();
            int many = plan.reach().many(target.skill());
            if (stretches > 2L * many)
                return "%d %s of %s fit here for %d stretches, so they come again. Make or borrow more, or take fewer lessons."
                        .formatted(
                                many,
                                many == 1 ? "drill or game" : "drills and games",
                                plan.problem().knowHow().skill(target.skill()).name(),
                                stretches);
        }
        return null;
    }

    /** What breaks a rule always, and of compromises those that weigh. */
    public static List<Said> of(Plan plan) {
        record Found(Said said, Rule.Level level, long cost) {}
        List<Found> found = new ArrayList<>();
        for (Rule rule : Rules.all()) {
            List<Strain> strains = Strain.of(rule, plan);
            long cost = strains.stream().mapToLong(Strain::cost).sum();
            if (cost == 0 || rule.level() == Rule.Level.SOFT && cost < WORTH) continue;
            Strain worst =
                    strains.stream().max(Comparator.comparingLong(Strain::cost)).orElseThrow();
            String cause = AGAIN.contains(rule.key()) ? tooFew(plan, strains) : null;
            if (cause != null
                    && found.stream().anyMatch(f -> cause.equals(f.said().cause()))) continue;
            if (rule.level() == Rule.Level.SOFT && worst.cost() < NOTED && cause == null) continue;
            found.add(new Found(new Said(worst, strains.size() - 1, cause), rule.level(), cost));
        }
        found.sort(Comparator.comparing(Found::level)
                .thenComparing(Comparator.comparingLong(Found::cost).reversed()));
        List<Said> said = new ArrayList<>();
        for (Found one : found)
            if (said.size() < MOST && !(isMet(one.said()) && said.stream().anyMatch(AtTheDoor::isMet)))
                said.add(one.said());
        return List.copyOf(said);
    }
}
