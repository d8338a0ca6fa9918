package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.nextstep.WatchPlan.Came;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import io.isokinet.core.nextstep.WatchPlan.Watch;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WatchPlanTest {
    private static Seen fresh(int children, int cues) {
        Seen seen = new Seen();
        for (int c = 0; c < children; c++) for (int q = 0; q < cues; q++) seen.add("child " + c, "cue " + q, 0, 0);
        return seen;
    }

    @Test
    void everyoneIsSeenOnceBeforeAnybodyTwice() {
        WatchPlan plan = fresh(30, 3).plan(30);
        assertThat(plan.watches()).hasSize(30).allMatch(w -> w.looks() == 1);
        assertThat(plan.watches().stream().map(w -> w.cell().child()).distinct())
                .hasSize(30);
    }

    @Test
    void whoWasSeenLeastComesFirstWhereLooksAreFew() {
        Seen seen = new Seen();
        for (int c = 0; c < 30; c++) seen.add("child " + c, "step", c < 20 ? 1 : 0, 0);
        List<Watch> ten = seen.plan(10).watches();
        assertThat(ten)
                .extracting(w -> w.cell().child())
                .containsExactlyElementsOf(
                        IntStream.range(20, 30).mapToObj(c -> "child " + c).toList());
    }

    @Test
    void whatIsPlannedEarlierInTheLessonCounts() {
        Seen seen = new Seen();
        for (int c = 0; c < 30; c++) seen.add("child " + c, "step", 0, 0, c < 20 ? 1 : 0);
        WatchPlan plan = seen.plan(10);
        assertThat(plan.watches()).extracting(Watch::looks).containsOnly(1);
        assertThat(plan.watches()).extracting(w -> w.cell().planned()).containsOnly(0);
        assertThat(plan.looks()).isEqualTo(10);
    }

    @Test
    void looksGoWhereTheDoubtIs() {
        Seen seen = new Seen();
        seen.add("Ada", "step", 9, 0);
        seen.add("Ada", "low", 3, 1);
        seen.add("Ada", "eyes", 0, 9);
        WatchPlan plan = seen.plan(3);
        assertThat(plan.watches()).extracting(w -> w.cell().cue()).contains("low");
        int low = plan.watches().stream()
                .filter(w -> w.cell().cue().equals("low"))
                .mapToInt(Watch::looks)
                .sum();
        assertThat(low).isGreaterThanOrEqualTo(2);
    }

    @Test
    void noMoreLooksThanThereAreAndNoneWhereNothingIsToBeSeen() {
        assertThat(fresh(30, 3).plan(12).looks()).isEqualTo(12);
        assertThat(new Seen().plan(60).looks()).isZero();
        assertThat(fresh(2, 1).plan(60).looks()).isEqualTo(8);
        assertThat(fresh(2, 1).plan(0).watches()).isEmpty();
    }

    @Test
    void theSentenceCountsWhatIsLikelyToBeSettledAndWhatIsLeft() {
        Seen seen = new Seen();
        for (int i = 0; i < 15; i++) seen.add("child " + i, "step", 2, 1);
        WatchPlan plan = seen.plan(24);
        assertThat(plan.settled() + plan.open()).isEqualTo(15);
        assertThat(plan.reason()).startsWith("24 looks: ").contains(plan.open() + " stay open.");
    }

    /** What is settled on the evening before may be open in the lesson: nobody knows what its practice brings. */
    @Test
    void whatMayBeOpenAgainIsSaidOfALesson() {
        Seen seen = new Seen();
        for (int i = 0; i < 15; i++) seen.add("child " + i, "step", i % 3 == 0 ? 1 : 0, 1);
        WatchPlan today = WatchPlan.of(seen.belief(), seen.cells(), 0);
        assertThat(today.again()).isZero();
        assertThat(today.mayOpen()).isEmpty();
        ClassBelief lessonsOn = seen.belief();
        for (int day = 14; day <= 56; day += 7) lessonsOn = lessonsOn.inLesson(day, Set.of("step"));
        WatchPlan soon = WatchPlan.of(lessonsOn, seen.cells(), 0);
        assertThat(soon.again()).isPositive();
        assertThat(soon.mayOpen()).startsWith(soon.again() + " that ").endsWith("since they practise meanwhile.");
    }

    @Test
    void whatCameOfItIsCountedForThoseWhoWereThereBoth() {
        Believed sure = new Believed(3, 0.2, 0.97, 0.95, 4, 1);
        Believed open = new Believed(1, 1, 0.5, 0.7, 2, 0.5);
        List<Cell> before = List.of(
                new Cell("Ada", "low", open, 0),
                new Cell("Ben", "low", sure, 0),
                new Cell("Cleo", "low", sure, 0),
                new Cell("gone", "low", open, 0));
        List<Cell> after = List.of(
                new Cell("new", "low", sure, 0),
                new Cell("Cleo", "low", sure, 0),
                new Cell("Ben", "low", open, 0),
                new Cell("Ada", "low", sure, 0));
        assertThat(Came.of(before, after)).isEqualTo(new Came(1, 1));
    }

    @Test
    void whereNobodyStandsOutAnEvenRoundTellsAsMuchAndThatIsSaid() {
        Seen alike = new Seen();
        for (int i = 0; i < 15; i++) alike.add("child " + i, "step", 1, 1);
        assertThat(alike.plan(15).better()).isFalse();
        assertThat(alike.plan(15).reason()).contains("Looking round evenly would tell as much");
        Seen apart = new Seen();
        for (int i = 0; i < 25; i++) apart.add("always " + i, "step", 4, 0);
        for (int i = 0; i < 12; i++) apart.add("open " + i, "turn", 4, 2);
        assertThat(apart.plan(30).better()).isTrue();
        assertThat(apart.plan(30).reason()).doesNotContain("evenly");
        assertThat(new Seen().plan(15).reason()).doesNotContain("evenly");
    }
}
