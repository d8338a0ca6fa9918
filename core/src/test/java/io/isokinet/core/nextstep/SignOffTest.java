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
                both(seen("new", 10, 0, 0), "between", 10, 4, 3).cells(),
                List.of(new Lesson("one", List.of("new", "between"), 45), new Lesson("two", List.of("new"), 15)));
        // Of what was looked at seven times less is open.
        assertThat(plan.cues()).extracting(CueLine::cue).containsExactly("between", "new");
        CueLine between = plan.cues().get(0);
        assertThat(between.needed()).isLessThan(plan.cues().get(1).needed());
        assertThat(between.planned()).containsOnlyKeys("one");
        assertThat(plan.cues().get(1).planned()).containsOnlyKeys("one", "two");
        assertThat(between.likely()).isPositive().isLessThanOrEqualTo(10);
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
        SignOff plan = SignOff.of(seen("step", 8, 1, 1).cells(), List.of(new Lesson("one", List.of("other"), 60)));
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
