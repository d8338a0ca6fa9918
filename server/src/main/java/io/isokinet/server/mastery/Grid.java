package io.isokinet.server.mastery;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.Sureness;
import io.isokinet.core.mastery.Mark;
import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.core.mastery.SkillLevel.Level;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.skill.Action;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.CueFit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Children by cues with their marks on a day.
 *
 * @param skills one block of columns each
 * @param rows one a child, by name
 * @param known what is believed of the class and from what; never sent
 */
public record Grid(
        UUID classId,
        String className,
        String year,
        LocalDate on,
        List<SkillColumns> skills,
        List<Row> rows,
        @JsonIgnore Known known) {
    /**
     * With the children of another class, marked in the same cues.
     *
     * @param both the class of both, whose names are shown
     */
    public Grid with(Grid other, ClassView both) {
        Map<UUID, ChildView> shown = both.children().stream().collect(Collectors.toMap(ChildView::id, c -> c));
        List<Row> all = new ArrayList<>(rows);
        for (Row row : other.rows())
            all.add(new Row(Objects.requireNonNull(shown.get(row.child().id())), row.cells(), row.levels()));
        return new Grid(classId, both.name(), both.year(), on, skills, all, known.with(other.known()));
    }

    /** The same with how sure each mark is of what was taught: for the teacher's pages of a class and its children alone. */
    public Grid believing() {
        ClassBelief belief = known.belief();
        List<Row> all = rows.stream()
                .map(row -> {
                    Map<String, Cell> cells = new LinkedHashMap<>();
                    row.cells()
                            .forEach((cue, cell) -> cells.put(
                                    cue,
                                    cell.mark() == Mark.NOT_TAUGHT || cell.mark() == Mark.NOT_APPLYING
                                            ? cell
                                            : cell.believing(Sureness.of(
                                                    cell.mark(),
                                                    belief.of(row.child().id().toString(), cue),
                                                    cell.lastShown(),
                                                    cell.pips().size()))));
                    return new Row(row.child(), cells, row.levels());
                })
                .toList();
        return new Grid(classId, className, year, on, skills, all, known);
    }

    /** @param rule in the teacher's words @param by the rule itself, never sent @param cues one column each, those of the age of the class */
    public record SkillColumns(
            String skill,
            String name,
            Action action,
            String set,
            String setName,
            String rule,
            List<CueView> cues,
            @JsonIgnore MasteryRule by) {}

    /** @param cells by cue key @param levels by skill key */
    public record Row(ChildView child, Map<String, Cell> cells, Map<String, LevelView> levels) {}

    /** @param called true if a teacher's call stands @param calledAgainst true if the count says otherwise @param standing as reports count it @param fill part of the mark that is filled, in per cent @param pips the last five, oldest first @param sure how sure the mark is, by all looks at the class; null but on the teacher's pages of a class and its children, which alone may show it */
    public record Cell(
            Mark mark,
            Standing standing,
            int fill,
            List<Boolean> pips,
            int shown,
            int trials,
            String reason,
            CueFit fit,
            boolean called,
            boolean calledAgainst,
            @Nullable Sureness sure) {
        private Cell believing(Sureness sureness) {
            return new Cell(mark, standing, fill, pips, shown, trials, reason, fit, called, calledAgainst, sureness);
        }

        /** Of the last five looks, those that showed it. */
        public int lastShown() {
            return (int) pips.stream().filter(p -> p).count();
        }
    }

    /** @param owned cues that are owned @param counted what is counted, in words */
    public record LevelView(Level level, int owned, String label, String counted) {}
}
