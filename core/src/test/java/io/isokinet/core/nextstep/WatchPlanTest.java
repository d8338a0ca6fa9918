package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.nextstep.WatchPlan.Cell;
import io.isokinet.core.nextstep.WatchPlan.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WatchPlanTest {
    private static List<Cell> fresh(int children, int cues) {
        List<Cell> cells = new ArrayList<>();
        for (int c = 0; c < children; c++)
            for (int q = 0; q < cues; q++) cells.add(new Cell("child " + c, "cue " + q, 0, 0));
        return cells;
    }

    @Test
    void everyoneIsSeenOnceBeforeAnybodyTwice() {
        WatchPlan plan = WatchPlan.of(fresh(30, 3), 30);
        assertThat(plan.watches()).hasSize(30).allMatch(w -> w.looks() == 1);
        assertThat(plan.watches().stream().map(w -> w.cell().child()).distinct())
                .hasSize(30);
    }

    @Test
    void whoWasSeenLeastComesFirstWhereLooksAreFew() {
        List<Cell> cells = new ArrayList<>();
        for (int c = 0; c < 30; c++) cells.add(new Cell("child " + c, "step", c < 20 ? 1 : 0, 0));
        List<Watch> ten = WatchPlan.of(cells, 10).watches();
        assertThat(ten)
                .extracting(w -> w.cell().child())
                .containsExactlyElementsOf(
                        IntStream.range(20, 30).mapToObj(c -> "child " + c).toList());
    }

    @Test
    void whatIsPlannedEarlierInTheLessonCounts() {
        List<Cell> cells = new ArrayList<>();
        for (int c = 0; c < 30; c++) cells.add(new Cell("child " + c, "step", 0, 0, c < 20 ? 1 : 0));
        WatchPlan plan = WatchPlan.of(cells, 10);
        assertThat(plan.watches()).extracting(Watch::looks).containsOnly(1);
        assertThat(plan.watches()).extracting(w -> w.cell().planned()).containsOnly(0);
        assertThat(plan.looks()).isEqualTo(10);
    }

    @Test
    void looksGoWhereTheDoubtIs() {
        Cell sure = new Cell("Ada", "step", 5, 0);
        Cell open = new Cell("Ada", "low", 2, 1);
        Cell never = new Cell("Ada", "eyes", 0, 5);
        WatchPlan plan = WatchPlan.of(List.of(sure, open, never), 3);
        assertThat(plan.watches()).extracting(Watch::cell).first().isEqualTo(open);
        assertThat(plan.watches().get(0).looks()).isGreaterThanOrEqualTo(2);
    }

    @Test
    void noMoreLooksThanThereAreAndNoneWhereNothingIsToBeSeen() {
        assertThat(WatchPlan.of(fresh(30, 3), 12).looks()).isEqualTo(12);
        assertThat(WatchPlan.of(List.of(), 60).looks()).isZero();
        assertThat(WatchPlan.of(fresh(2, 1), 60).looks()).isEqualTo(8);
        assertThat(WatchPlan.of(fresh(2, 1), 0).watches()).isEmpty();
    }

    @Test
    void theSentenceCountsWhatIsLikelyToBeSettledAndWhatIsLeft() {
        List<Cell> cells = IntStream.range(0, 15)
                .mapToObj(i -> new Cell("child " + i, "step", 3, 0))
                .toList();
        WatchPlan plan = WatchPlan.of(cells, 24);
        assertThat(plan.settled() + plan.open()).isEqualTo(15);
        assertThat(plan.reason()).startsWith("24 looks: ").endsWith(plan.open() + " stay open.");
    }

    /**
     * Simulated classes with known truth: 0.35 Beta(2, 6) + 0.40 Beta(9, 1.5) + 0.25 anything, 27 children, 4 cues, 6 lessons of 60
     * looks. The plan decides more cells rightly than an even round with the same looks; the whole table is in docs/figures.md.
     */
    @Test
    void thePlanDecidesMoreRightlyThanAnEvenRound() {
        double planned = 0;
        double even = 0;
        for (int seed = 1; seed <= 12; seed++) {
            planned += SimulatedClass.of(seed).right(6, 60, true);
            even += SimulatedClass.of(seed).right(6, 60, false);
        }
        assertThat(planned / 12).isGreaterThan(even / 12 + 0.01);
    }
}
