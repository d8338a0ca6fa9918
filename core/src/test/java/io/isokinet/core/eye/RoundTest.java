package io.isokinet.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Toss;
import io.isokinet.core.mastery.Agreement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoundTest {
    private final Demonstration toss = Toss.demonstration();

    @Test
    void theSameSeedDrawsTheSameRoundAndAnotherAnotherOne() {
        Round one = Round.draw(toss, "toss/step", Level.THIRD, 8, 7);
        Round same = Round.draw(toss, "toss/step", Level.THIRD, 8, 7);
        Round other = Round.draw(toss, "toss/step", Level.THIRD, 8, 8);
        assertThat(truths(one)).isEqualTo(truths(same)).hasSize(Round.CHILDREN);
        assertThat(faults(one)).isEqualTo(faults(same));
        assertThat(truths(one).equals(truths(other)) && faults(one).equals(faults(other)))
                .isFalse();
    }

    /** Over many rounds about half of the children show it, and the truth is what the movement says. */
    @Test
    void aboutHalfOfThemShowIt() {
        for (Level level : Level.values()) {
            int there = 0;
            int all = 0;
            for (int seed = 0; seed < 40; seed++)
                for (Round.Child c :
                        Round.draw(toss, "toss/step", level, 8, seed).children()) {
                    all++;
                    if (c.answer().shown()) there++;
                    if (c.fault() == null) assertThat(c.answer().shown()).isTrue();
                    assertThat(Math.abs(c.beside())).isLessThanOrEqualTo(level.beside());
                    assertThat(c.times()).isEqualTo(level.times());
                    assertThat(c.answer().at()).isBetween(0.0, c.movement().seconds());
                }
            assertThat((double) there / all).as(level.name()).isBetween(0.4, 0.7);
        }
    }

    @Test
    void itGetsHarder() {
        Level before = null;
        for (Level level : Level.values()) {
            if (before != null) {
                assertThat(level.slower()).isLessThanOrEqualTo(before.slower());
                assertThat(level.times()).isLessThanOrEqualTo(before.times());
                assertThat(level.beside()).isGreaterThanOrEqualTo(before.beside());
                assertThat(level.whole()).isLessThanOrEqualTo(before.whole());
            }
            before = level;
        }
    }

    @Test
    void aCueThatNoFigureShowsIsRefused() {
        assertThatThrownBy(() -> Round.draw(toss, "toss/fingers", Level.FIRST, 8, 1))
                .hasMessageContaining("No figure shows the cue (toss/fingers)");
    }

    /** Ten of twelve by hand: Wilson's bounds are 0.552 and 0.953. */
    @Test
    void countsHaveTheirIntervals() {
        List<Boolean> there = new ArrayList<>();
        List<Verdict.Pressed> pressed = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            there.add(i < 6);
            pressed.add(new Verdict.Pressed(i < 6 ? i != 0 : i == 11, 2 + i % 2));
        }
        Verdict v = Verdict.of(there, pressed);
        assertThat(v).isEqualTo(new Verdict(5, 1, 1, 5, 2.5));
        assertThat(v.right().of()).isEqualTo(10);
        assertThat(v.right().low()).isCloseTo(0.552, within(0.001));
        assertThat(v.right().high()).isCloseTo(0.953, within(0.001));
        assertThat(v.misses().all()).isEqualTo(6);
        assertThat(v.alarms().of()).isEqualTo(1);
        // 10 of 12 agree, 6 by chance: (10/12 - 1/2) / (1/2).
        assertThat(v.agreement().kappa().orElseThrow()).isCloseTo(2.0 / 3, within(1e-9));
        assertThat(v.sentence()).isEqualTo("Right 10 of 12 (55 to 95 in a hundred), 2.5 s a look.");
        assertThat(new Verdict(2, 4, 0, 6, 3).sentence()).contains("Mostly you missed it");
        assertThat(new Verdict(6, 0, 4, 2, 3).sentence()).contains("Mostly you saw it where it was not");
        assertThatThrownBy(() -> Verdict.of(there, List.of())).hasMessageContaining("12 children and 0 answers");
        assertThat(Verdict.of(List.of(), List.of()).right().high()).isEqualTo(1);
    }

    /** By hand: kappa 2/3, p = 10/12, n = 12, e = 1/2: the error is 0.2152, the bounds 0.245 and 1 (cut from 1.088). */
    @Test
    void kappaHasItsInterval() {
        Agreement.Within w = new Agreement(5, 1, 1, 5).kappaWithin().orElseThrow();
        assertThat(w.low()).isCloseTo(0.245, within(0.001));
        assertThat(w.high()).isEqualTo(1);
        assertThat(new Agreement(4, 0, 0, 0).kappaWithin()).isEmpty();
        assertThat(new Agreement(4, 0, 0, 4).kappaWithin().orElseThrow().low()).isEqualTo(1);
    }

    private static List<Boolean> truths(Round r) {
        return r.children().stream().map(c -> c.answer().shown()).toList();
    }

    private static List<String> faults(Round r) {
        return r.children().stream().map(c -> String.valueOf(c.fault())).toList();
    }
}
