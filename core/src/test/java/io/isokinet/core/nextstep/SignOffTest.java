package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.nextstep.SignOff.CueLine;
import io.isokinet.core.nextstep.SignOff.Lesson;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import java.util.List;
import org.junit.jupiter.api.Test;

class SignOffTest {
    private static Seen seen(String cue, int children, int shown, int notYet) {
        return both(new Seen(), cue, children, shown, notYet);
    }

    private static Seen both(Seen seen, String cue, int children, int shown, int notYet) {
        for (int i = 0; i < children; i++) seen.add("child " + i, cue, shown, notYet);
        return seen;
    }

    @Test
    void theCueThatCostsFewestLooksComesFirstAndLooksAreUsedOnce() {
        SignOff plan = SignOff.of(
                both(seen("between", 10, 1, 1), "shown", 10, 2, 0).cells(),
                Cell::believed,
                List.of(new Lesson("one", List.of("shown", "between"), 30), new Lesson("two", List.of("between"), 30)));
        // What was shown twice is nearly decided.
        assertThat(plan.cues()).extracting(CueLine::cue).containsExactly("shown", "between");
        CueLine shown = plan.cues().get(0);
        assertThat(shown.needed()).isPositive().isLessThan(plan.cues().get(1).needed());
        assertThat(shown.planned()).containsOnlyKeys("one");
        assertThat(plan.cues().get(1).planned()).containsOnlyKeys("one", "two");
        assertThat(shown.likely()).isPositive().isLessThanOrEqualTo(10);
        assertThat(plan.used())
                .isLessThanOrEqualTo(plan.looks())
                .isEqualTo(plan.cues().stream()
                        .flatMap(c -> c.planned().values().stream())
                        .mapToInt(Integer::intValue)
                        .sum());
        assertThat(plan.looks()).isEqualTo(60);
    }

    @Test
    void whatNoLessonShowsCannotBeDecided() {
        SignOff plan = SignOff.of(
                seen("step", 8, 3, 2).cells(), Cell::believed, List.of(new Lesson("one", List.of("other"), 60)));
        assertThat(plan.cues().get(0).likely()).isZero();
        assertThat(plan.cues().get(0).needed()).isPositive();
        assertThat(plan.used()).isZero();
    }

    @Test
    void whatIsDecidedNeedsNoLook() {
        List<Cell> sure = seen("step", 5, 0, 5).cells();
        assertThat(sure).allMatch(c -> c.believed().decided());
        CueLine line = SignOff.of(sure, Cell::believed, List.of(new Lesson("one", List.of("step"), 60)))
                .cues()
                .get(0);
        assertThat(List.of(line.decided(), line.needed(), line.likely())).containsExactly(5, 0, 0);
        assertThat(SignOff.of(List.of(), Cell::believed, List.of()).cues()).isEmpty();
    }

    /** Of those settled today the lessons to come may open some again; then nothing more is likely, and never less than nothing. */
    @Test
    void whatIsBelievedInTheLastLessonDecidesWhatIsLikely() {
        List<Cell> sure = seen("step", 5, 0, 5).cells();
        List<Cell> between = seen("step", 8, 3, 2).cells();
        Believed open = between.get(0).believed();
        assertThat(open.decided()).isFalse();
        CueLine again = SignOff.of(sure, c -> open, List.of(new Lesson("one", List.of("other"), 60)))
                .cues()
                .get(0);
        assertThat(List.of(again.decided(), again.likely())).containsExactly(5, 0);
        Believed settled = sure.get(0).believed();
        CueLine byItself = SignOff.of(between, c -> settled, List.of(new Lesson("one", List.of("step"), 60)))
                .cues()
                .get(0);
        assertThat(List.of(byItself.decided(), byItself.needed(), byItself.likely()))
                .containsExactly(0, 0, 8);
    }
}
