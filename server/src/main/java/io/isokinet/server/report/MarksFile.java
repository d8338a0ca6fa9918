package io.isokinet.server.report;

import io.isokinet.core.mastery.Mark;
import io.isokinet.core.mastery.SkillLevel.Level;
import io.isokinet.core.mastery.Standing;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Grid.Cell;
import io.isokinet.server.mastery.Grid.LevelView;
import io.isokinet.server.mastery.Grid.SkillColumns;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** The marks of a school's children on a day, for another program; its shape is published as formats/marks.schema.json. */
record MarksFile(String format, int schema, String school, LocalDate on, List<ClassMarks> classes) {
    static final String FORMAT = "isokinet-marks";
    static final int SCHEMA = 1;

    record ClassMarks(UUID id, String name, String year, List<SkillRule> skills, List<ChildMarks> children) {}

    /** @param rule in force on the day, in words */
    record SkillRule(String skill, String name, String cueSet, String rule, List<CueName> cues) {}

    record CueName(String cue, String call, String question) {}

    record ChildMarks(UUID id, String given, String family, List<SkillMark> skills) {}

    record SkillMark(String skill, Level level, List<CueMark> cues) {}

    /** @param shown looks that showed it, of {@code looks} */
    record CueMark(String cue, Mark mark, Standing standing, int shown, int looks) {}

    static MarksFile of(String school, LocalDate on, List<Grid> grids) {
        return new MarksFile(
                FORMAT, SCHEMA, school, on, grids.stream().map(MarksFile::of).toList());
    }

    private static ClassMarks of(Grid grid) {
        return new ClassMarks(
                grid.classId(),
                grid.className(),
                grid.year(),
                grid.skills().stream().map(MarksFile::rule).toList(),
                grid.rows().stream().map(r -> of(grid, r)).toList());
    }

    private static SkillRule rule(SkillColumns s) {
        return new SkillRule(
                s.skill(),
                s.name(),
                s.set(),
                s.rule(),
                s.cues().stream()
                        .map(c -> new CueName(
                                c.key(), c.call().notSettled(), c.question().notSettled()))
                        .toList());
    }

    private static ChildMarks of(Grid grid, Grid.Row row) {
        return new ChildMarks(
                row.child().id(),
                row.child().given(),
                row.child().family(),
                grid.skills().stream().map(s -> of(s, row)).toList());
    }

    private static SkillMark of(SkillColumns skill, Grid.Row row) {
        LevelView level = row.levels().get(skill.skill());
        return new SkillMark(
                skill.skill(),
                level.level(),
                skill.cues().stream().map(CueView::key).map(c -> of(c, row)).toList());
    }

    private static CueMark of(String cue, Grid.Row row) {
        Cell cell = row.cells().get(cue);
        return new CueMark(cue, cell.mark(), cell.standing(), cell.shown(), cell.trials());
    }
}
