package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a colleague would say of a unit at the door: at most three things, the worst first. All else that was weighed is for who asks. */
public final class AtTheDoor {
    private static final int MOST = 3;
    /** Two missed exposures: less is not worth a word. */
    private static final long WORTH = 20;

    private AtTheDoor() {}

    /**
     * One of them.
     *
     * @param worst of its rule
     * @param more places of the same rule beside it
     */
    public record Said(Strain worst, int more) {
        /** In words: "Bow and Arrow comes twice in a row, and 2 more like it." */
        public String words() {
            String sentence = worst.sentence();
            return more == 0
                    ? sentence
                    : "%s And %d more like %s.".formatted(sentence, more, more == 1 ? "it" : "this");
        }
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
            found.add(new Found(new Said(worst, strains.size() - 1), rule.level(), cost));
        }
        return found.stream()
                .sorted(Comparator.comparing(Found::level)
                        .thenComparing(Comparator.comparingLong(Found::cost).reversed()))
                .limit(MOST)
                .map(Found::said)
                .toList();
    }
}
