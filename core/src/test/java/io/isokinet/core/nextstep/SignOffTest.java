package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

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
        SignOff plan = SignOff.of(seen("step", 8, 3, 2).cells(), List.of(new Lesson("one", List.of("other"), 60)));
        assertThat(plan.cues().get(0).likely()).isZero();
        assertThat(plan.cues().get(0).needed()).isPositive();
        assertThat(plan.used()).isZero();
    }

    @Test
    void whatIsDecidedNeedsNoLook() {
        List<Cell> sure = seen("step", 5, 0, 5).cells();
        assertThat(SignOff.decided(sure)).isEqualTo(5);
        CueLine line = SignOff.of(sure, List.of(new Lesson("one", List.of("step"), 60)))
                .cues()
                .get(0);
        assertThat(List.of(line.decided(), line.needed(), line.likely())).containsExactly(5, 0, 0);
        assertThat(SignOff.of(List.of(), List.of()).cues()).isEmpty();
    }
}
