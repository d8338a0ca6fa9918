package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Mark;
import io.isokinet.core.mastery.SkillLevel.Level;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Sureness;
import io.isokinet.core.mastery.Trend;
import io.isokinet.core.skill.Action;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.CueFit;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Children by cues with their marks on a day.
 *
 * @param skills one block of columns each
 * @param rows one a child, by name
 */
public record Grid(
        UUID classId, String className, String year, LocalDate on, List<SkillColumns> skills, List<Row> rows) {
    /** @param rule in the teacher's words @param cues one column each, those of the age of the class */
    public record SkillColumns(
            String skill, String name, Action action, String set, String setName, String rule, List<CueView> cues) {}

    /** @param cells by cue key @param levels by skill key */
    public record Row(ChildView child, Map<String, Cell> cells, Map<String, LevelView> levels) {}

    /** @param called true if a teacher's call stands @param calledAgainst true if the count says otherwise @param standing as reports count it @param sure how sure the mark is @param howSure the same in a sentence with its numbers @param fill part of the mark that is filled, in per cent @param pips the last five, oldest first */
    public record Cell(
            Mark mark,
            Standing standing,
            int fill,
            List<Boolean> pips,
            int shown,
            int trials,
            String reason,
            CueFit fit,
            Sureness.Word sure,
            String howSure,
            Trend trend,
            boolean called,
            boolean calledAgainst) {}

    /** @param owned cues that are owned @param counted what is counted, in words */
    public record LevelView(Level level, int owned, String label, String counted) {}
}
