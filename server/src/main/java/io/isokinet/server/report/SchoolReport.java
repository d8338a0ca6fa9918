package io.isokinet.server.report;

import io.isokinet.server.report.ClassReport.Levels;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * The classes that one may see, each by the skills it works on, and which outcomes the year's plans reach.
 *
 * @param inShort what it says in three sentences at most
 * @param skills the same over all classes
 */
public record SchoolReport(
        String school,
        LocalDate from,
        LocalDate to,
        List<String> inShort,
        List<ClassLevels> classes,
        List<SkillLevels> skills,
        List<CoverageLine> coverage) {
    public record ClassLevels(UUID classId, String className, String year, int children, List<SkillLevels> skills) {}

    /** @param before on the earlier day */
    public record SkillLevels(String skill, String name, Levels before, Levels after) {}

    /**
     * @param of classes of its age, of which {@code planned} have a lesson on a skill of it this year
     * @param missing names of those that have none
     */
    public record CoverageLine(
            String set,
            String code,
            String text,
            List<String> skills,
            int of,
            int planned,
            int lessons,
            int taught,
            List<String> missing) {}
}
