package io.isokinet.server.nextstep;

import io.isokinet.core.nextstep.WatchPlan;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.school.CueFit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/** Whom to watch for what, from the marks as they stand. */
public final class Watching {
    private Watching() {}

    /** So many looks at a child for a cue. */
    public record WatchView(UUID child, String cue, int looks) {}

    /**
     * @param cues that can be seen @param here children who are there
     * @param looks that one pair of eyes has
     */
    public static WatchPlan plan(Grid grid, Collection<String> cues, Predicate<UUID> here, int looks) {
        return plan(grid, cues, here, looks, List.of());
    }

    /** @param before what is planned earlier in the same lesson */
    public static WatchPlan plan(
            Grid grid, Collection<String> cues, Predicate<UUID> here, int looks, List<WatchView> before) {
        return WatchPlan.of(cells(grid, cues, here, before), looks);
    }

    /** Every child and cue that is meant, with what was seen lately. */
    static List<Cell> cells(Grid grid, Collection<String> cues, Predicate<UUID> here, List<WatchView> before) {
        Set<String> wanted = Set.copyOf(cues);
        List<Cell> cells = new ArrayList<>();
        for (Grid.Row row : grid.rows())
            if (here.test(row.child().id()))
                row.cells().forEach((cue, cell) -> {
                    if (wanted.contains(cue) && cell.fit() != CueFit.NOT_APPLYING)
                        cells.add(cell(row, cue, cell, before));
                });
        return cells;
    }

    private static Cell cell(Grid.Row row, String cue, Grid.Cell cell, List<WatchView> before) {
        int shown = (int) cell.pips().stream().filter(p -> p).count();
        int planned = before.stream()
                .filter(w -> w.child().equals(row.child().id()) && w.cue().equals(cue))
                .mapToInt(WatchView::looks)
                .sum();
        return new Cell(row.child().id().toString(), cue, shown, cell.pips().size() - shown, planned);
    }

    public static List<WatchView> views(WatchPlan plan) {
        return plan.watches().stream()
                .map(w -> new WatchView(
                        UUID.fromString(w.cell().child()), w.cell().cue(), w.looks()))
                .toList();
    }
}
