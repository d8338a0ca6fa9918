package io.isokinet.server.mastery;

import io.isokinet.server.knowhow.CueView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Tests with two formal trials: the latest of each child and skill. Scores are compared with the child's own; there are no norms.
 *
 * @param skills that have such a test
 */
public record TwoTrialTable(UUID classId, List<TestedSkill> skills, List<TestedChild> rows) {
    /** @param locomotor true if it counts to the locomotor score, false if to that of ball skills */
    public record TestedSkill(String skill, String name, boolean locomotor, int greatest, List<CueView> criteria) {}

    /** @param tests by skill; those never begun are left out @param locomotor and the others: null until every skill tested of them has a score */
    public record TestedChild(
            UUID child,
            String name,
            Map<String, TestView> tests,
            ScoreLine locomotor,
            ScoreLine ball,
            ScoreLine together) {}

    /** @param trials by cue, in order @param before the score of the test before; null for none */
    public record TestView(
            UUID sitting,
            LocalDate on,
            Map<String, List<Boolean>> trials,
            @Nullable Integer score,
            int missing,
            @Nullable Integer before) {}

    /** @param score null while trials are missing @param of the greatest of the skills that were tested @param skills that were tested */
    public record ScoreLine(@Nullable Integer score, int of, int skills) {}
}
