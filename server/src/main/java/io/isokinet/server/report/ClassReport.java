package io.isokinet.server.report;

import io.isokinet.core.mastery.Tally;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * What a class shows on a day, beside what it showed on an earlier one: by skill, by cue and by outcome.
 *
 * @param children those who are in it now
 * @param inShort what it says in three sentences at most
 */
public record ClassReport(
        UUID classId,
        String className,
        String year,
        int children,
        LocalDate from,
        LocalDate to,
        List<String> inShort,
        List<SkillReport> skills,
        List<OutcomeReport> outcomes) {
    /** @param rule in force on the later day @param ruleThen on the earlier one, where it was another; empty if it was the same */
    public record SkillReport(
            String skill,
            String name,
            String setName,
            String rule,
            String ruleThen,
            Levels before,
            Levels after,
            List<CueReport> cues) {}

    /** Children by where they stand in a skill. */
    public record Levels(int notSeen, int developing, int near, int mastery) {
        Levels plus(Levels other) {
            return new Levels(
                    notSeen + other.notSeen, developing + other.developing, near + other.near, mastery + other.mastery);
        }

        int children() {
            return notSeen + developing + near + mastery;
        }

        /** At mastery, or one component short of it. */
        int advanced() {
            return near + mastery;
        }
    }

    /** @param gained children who own it and did not before @param lost children who owned it and do not any more */
    public record CueReport(
            String cue, String call, String question, Tally before, Tally after, int gained, int lost) {}

    /**
     * An outcome of the class's age.
     *
     * @param lessons of the year that work on a skill of it @param taught of those
     * @param advanced children at mastery or near it in one of its skills that is looked at; of {@code children}
     */
    public record OutcomeReport(
            String set, String code, String text, List<String> skills, int lessons, int taught, int advanced) {}
}
