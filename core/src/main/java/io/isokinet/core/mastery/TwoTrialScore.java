package io.isokinet.core.mastery;

import java.util.Collection;
import java.util.List;
import java.util.OptionalInt;

/**
 * The score of a test with two formal trials: each criterion 0 or 1 on each trial. There are no norms; it is compared with itself.
 *
 * <p>The form, and the greatest scores of 46 for locomotor and 54 for ball skills, follow the Test of Gross Motor Development, 3rd ed.
 * (Ulrich, 2013/2019; from memory).
 *
 * @param score empty while a criterion has not both trials @param greatest two for each criterion
 */
public record TwoTrialScore(OptionalInt score, int greatest, int trialsMissing) {
    /** Trials of each criterion. */
    public static final int TRIALS = 2;

    /** @param criteria for each criterion its trials in order; what is beyond two does not count */
    public static TwoTrialScore of(Collection<List<Boolean>> criteria) {
        int score = 0;
        int missing = 0;
        for (List<Boolean> trials : criteria) {
            List<Boolean> counted = trials.subList(0, Math.min(TRIALS, trials.size()));
            missing += TRIALS - counted.size();
            score += (int) counted.stream().filter(t -> t).count();
        }
        return new TwoTrialScore(
                missing == 0 && !criteria.isEmpty() ? OptionalInt.of(score) : OptionalInt.empty(),
                TRIALS * criteria.size(),
                missing);
    }

    /** Several skills together; without a score while one of them has none. */
    public static TwoTrialScore sum(Collection<TwoTrialScore> skills) {
        int greatest = skills.stream().mapToInt(TwoTrialScore::greatest).sum();
        int missing = skills.stream().mapToInt(TwoTrialScore::trialsMissing).sum();
        boolean whole =
                !skills.isEmpty() && skills.stream().allMatch(s -> s.score().isPresent());
        return new TwoTrialScore(
                whole
                        ? OptionalInt.of(skills.stream()
                                .mapToInt(s -> s.score().orElse(0))
                                .sum())
                        : OptionalInt.empty(),
                greatest,
                missing);
    }
}
