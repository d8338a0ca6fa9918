package io.isokinet.server.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.HowMany;
import io.isokinet.core.nextstep.WatchPlan;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Whom to watch for what, by what is believed of a class as its marks stand. */
public final class Watching {
    private final Grid grid;
    private final ClassBelief belief;

    public Watching(Grid grid) {
        this.grid = grid;
        this.belief = grid.known().belief();
    }

    /** So many looks at a child for a cue. */
    public record WatchView(UUID child, String cue, int looks) {}

    /**
     * @param on day of the lesson @param cues that it works on and that can be seen @param here children who are there
     * @param looks that one pair of eyes has
     */
    WatchPlan plan(LocalDate on, Collection<String> cues, Predicate<UUID> here, int looks) {
        return plan(on, cues, here, looks, List.of());
    }

    /** @param before what is planned earlier in the same lesson */
    public WatchPlan plan(
            LocalDate on, Collection<String> cues, Predicate<UUID> here, int looks, List<WatchView> before) {
        return WatchPlan.of(belief.inLesson(on.toEpochDay(), Set.copyOf(cues)), cells(cues, here, before), looks);
    }

    /** What is believed in the last of some lessons to come, before anybody looks. */
    ClassBelief inLast(List<LessonPlan> lessons) {
        ClassBelief then = belief;
        for (LessonPlan l : lessons) then = then.inLesson(l.onDate().toEpochDay(), focus(l));
        return then;
    }

    /** The cues that a lesson works on. */
    static Set<String> focus(LessonPlan lesson) {
        return lesson.segments().stream()
                .flatMap(s -> s.focus().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Every child and cue that is meant, with what is believed of it. */
    List<Cell> cells(Collection<String> cues, Predicate<UUID> here, List<WatchView> before) {
        Set<String> wanted = Set.copyOf(cues);
        List<Cell> cells = new ArrayList<>();
        for (Grid.Row row : grid.rows())
            if (here.test(row.child().id()))
                row.cells().forEach((cue, cell) -> {
                    if (wanted.contains(cue) && cell.fit() != CueFit.NOT_APPLYING) cells.add(cell(row, cue, before));
                });
        return cells;
    }

    /** A child and a cue with what is believed of it, nothing planned yet. */
    Cell cell(Grid.Row row, String cue) {
        return cell(row, cue, List.of());
    }

    private Cell cell(Grid.Row row, String cue, List<WatchView> before) {
        String child = row.child().id().toString();
        int planned = before.stream()
                .filter(w -> w.child().equals(row.child().id()) && w.cue().equals(cue))
                .mapToInt(WatchView::looks)
                .sum();
        return new Cell(child, cue, belief.of(child, cue), planned);
    }

    /** Those in the class. */
    Set<UUID> children() {
        return grid.rows().stream().map(r -> r.child().id()).collect(Collectors.toSet());
    }

    /** What is believed of a child and a cue. */
    Believed of(UUID child, String cue) {
        return belief.of(child.toString(), cue);
    }

    /** How many of some children and cues are likely there. */
    HowMany there(List<Cell> cells) {
        return belief.there(cells.stream()
                .map(c -> new io.isokinet.core.belief.Cell(c.child(), c.cue()))
                .toList());
    }

    public static List<WatchView> views(WatchPlan plan) {
        return plan.watches().stream()
                .map(w -> new WatchView(
                        UUID.fromString(w.cell().child()), w.cell().cue(), w.looks()))
                .toList();
    }
}
