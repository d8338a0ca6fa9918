package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.nextstep.SignOff.CueLine;
import io.isokinet.core.nextstep.SignOff.Lesson;
import io.isokinet.core.nextstep.WatchPlan.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SignOffTest {
    private static List<Cell> cells(String cue, int children, int shown, int notYet) {
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < children; i++) cells.add(new Cell("child " + i, cue, shown, notYet));
        return cells;
    }

    private static List<Cell> both(List<Cell> one, List<Cell> other) {
        List<Cell> cells = new ArrayList<>(one);
        cells.addAll(other);
        return cells;
    }

    @Test
    void theCueThatCostsFewestLooksComesFirstAndLooksAreUsedOnce() {
        SignOff plan = SignOff.of(
                both(cells("new", 10, 0, 0), cells("nearly", 10, 3, 0)),
                List.of(new Lesson("one", List.of("new", "nearly"), 20), new Lesson("two", List.of("new"), 15)));
        assertThat(plan.cues()).extracting(CueLine::cue).containsExactly("nearly", "new");
        CueLine nearly = plan.cues().get(0);
        assertThat(nearly.planned()).containsOnlyKeys("one");
        assertThat(nearly.likely()).isPositive().isLessThanOrEqualTo(10);
        assertThat(plan.used())
                .isLessThanOrEqualTo(plan.looks())
                .isEqualTo(plan.cues().stream()
                        .flatMap(c -> c.planned().values().stream())
                        .mapToInt(Integer::intValue)
                        .sum());
        assertThat(plan.looks()).isEqualTo(35);
    }

    @Test
    void whatNoLessonShowsCannotBeDecided() {
        SignOff plan = SignOff.of(cells("step", 8, 2, 0), List.of(new Lesson("one", List.of("other"), 60)));
        assertThat(plan.cues().get(0).likely()).isZero();
        assertThat(plan.cues().get(0).needed()).isPositive();
        assertThat(plan.used()).isZero();
    }

    @Test
    void whatIsDecidedNeedsNoLook() {
        List<Cell> sure = cells("step", 5, 0, 5);
        assertThat(SignOff.decided(sure)).isEqualTo(5);
        CueLine line = SignOff.of(sure, List.of(new Lesson("one", List.of("step"), 60)))
                .cues()
                .get(0);
        assertThat(List.of(line.decided(), line.needed(), line.likely())).containsExactly(5, 0, 0);
        assertThat(SignOff.of(List.of(), List.of()).cues()).isEmpty();
    }

    /** On made-up children who truly show it or not, what is foretold comes true: as many are decided as was foretold, give or take a tenth. */
    @Test
    void whatIsForetoldComesTrueOnSimulatedClasses() {
        Random random = new Random(1);
        int foretold = 0;
        int came = 0;
        for (int round = 0; round < 200; round++) {
            double[] truth = new double[27];
            for (int i = 0; i < truth.length; i++) truth[i] = SimulatedClass.truth(random);
            CueLine line = SignOff.of(cells("step", 27, 0, 0), List.of(new Lesson("one", List.of("step"), 27 * 6)))
                    .cues()
                    .get(0);
            foretold += line.likely();
            int each = line.needed() / 27;
            List<Cell> after = new ArrayList<>();
            for (int i = 0; i < truth.length; i++) {
                int shown = 0;
                for (int k = 0; k < each; k++) if (random.nextDouble() < truth[i]) shown++;
                after.add(new Cell("child " + i, "step", shown, each - shown));
            }
            came += SignOff.decided(after);
        }
        assertThat(came / (double) foretold).isBetween(0.9, 1.1);
    }
}
