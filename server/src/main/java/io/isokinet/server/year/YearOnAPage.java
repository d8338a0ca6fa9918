package io.isokinet.server.year;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * The school year on a page: classes by half terms.
 *
 * @param shared skills that two classes or more have in a half term, which one lay-out can serve
 */
public record YearOnAPage(List<YearHalf> halves, List<YearOfClass> classes, List<YearShared> shared) {
    /** @param from its first day, by which it is known @param weeks whole ones, begun ones counted @param over true once it is past */
    public record YearHalf(String name, LocalDate from, LocalDate to, int weeks, boolean over) {}

    /** @param cells one for each half term @param lacks outcomes of its age that nothing in the year works on */
    public record YearOfClass(UUID id, String name, String year, List<YearCell> cells, List<YearLack> lacks) {}

    /**
     * @param lessons that the timetable has for the class in it
     * @param skills wished for, in order @param units that there are, with their own skills
     */
    public record YearCell(LocalDate from, int lessons, List<YearSkill> skills, List<YearUnit> units) {}

    public record YearSkill(String key, String name) {}

    public record YearUnit(UUID id, String title, List<String> skills) {}

    /** @param skills names, any of which serves it */
    public record YearLack(String code, String text, List<String> skills) {}

    /** @param places where those classes are taught, by the timetable */
    public record YearShared(LocalDate from, String skill, List<String> classes, List<String> places) {}
}
