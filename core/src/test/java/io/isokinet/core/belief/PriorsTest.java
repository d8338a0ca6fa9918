package io.isokinet.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.belief.ClassLooks.Cue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PriorsTest {
    /** By hand: by the log one lesson is worth log 2; by their number a fifth of log 6; five are worth log 6 by any curve. */
    @Test
    void practiceBendsBetweenTheLogAndTheNumberOfLessons() {
        assertThat(Priors.USUAL.withCurve(0).practice(1)).isCloseTo(Math.log(2), within(1e-9));
        assertThat(Priors.USUAL.withCurve(1).practice(1)).isCloseTo(Math.log(6) / 5, within(1e-9));
        assertThat(Priors.USUAL.withCurve(1e-5).practice(3)).isCloseTo(Math.log(4), within(1e-4));
        for (double curve : new double[] {-0.5, 0, 0.6, 1, 1.6}) {
            assertThat(Priors.USUAL.withCurve(curve).practice(5)).isCloseTo(Math.log(6), within(1e-9));
            assertThat(Priors.USUAL.withCurve(curve).practice(0)).isZero();
        }
    }

    /** A school where what was just taught is shown by nearly all has that for its own. */
    @Test
    void whatASchoolShowsAtOnceIsItsOwn() {
        List<ClassLooks> school = new ArrayList<>();
        for (int c = 0; c < 6; c++) school.add(shownIn(c, 0.85));
        Priors own = Fitting.fit(school, Priors.USUAL);
        assertThat(own.base()).isGreaterThan(Priors.USUAL.base() + 0.3);
        assertThat(Fitting.fit(List.of(), Priors.USUAL)).isEqualTo(Priors.USUAL);
    }

    /** A class of twenty, four cues that were taught today, two looks a cell, so many of a hundred shown. */
    private static ClassLooks shownIn(int seed, double share) {
        Random random = new Random(seed);
        List<String> children = new ArrayList<>();
        List<Look> looks = new ArrayList<>();
        List<Cue> cues =
                List.of(new Cue("a", "roll"), new Cue("b", "roll"), new Cue("c", "jump"), new Cue("d", "jump"));
        for (int i = 0; i < 20; i++) {
            children.add("child " + i);
            for (Cue cue : cues)
                for (int k = 0; k < 2; k++)
                    looks.add(new Look("child " + i, cue.key(), random.nextDouble() < share, 7));
        }
        List<Double> today = List.of(7.0);
        return new ClassLooks(
                children, cues, looks, Map.of("a", today, "b", today, "c", today, "d", today), Map.of(), 7);
    }
}
