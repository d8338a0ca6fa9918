package io.isokinet.core.aim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Lengths;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SpreadTest {
    private static final Age EIGHT = new Age(8);

    private static Tries set(double distance, double width, int hits, int missed) {
        return new Tries(distance, width, hits, 0, 0, missed);
    }

    /** Worked from the normal distribution: 6 of 10 at 3 m and 0.40 m give 0.0792 rad, and 70 % at 2.44 m. */
    @Test
    void theWorkedExample() {
        Spread spread = Spread.of(List.of(set(3, 0.4, 6, 4)));
        assertThat(spread.radians()).isCloseTo(0.0792, within(5e-5));
        assertThat(spread.challenge(0.4, 0.7).metres()).isCloseTo(2.44, within(0.005));
        assertThat(spread.lean()).isEmpty();
        assertThat(spread.reason()).contains("a lean cannot be known");
    }

    @Test
    void tooFewTriesSaySoAndLeaveTheUsualOfTheAge() {
        Spread spread = Spread.of(List.of(set(3, 0.4, 3, 1)), EIGHT);
        assertThat(spread.radians()).isEqualTo(HitChance.usualSpread(EIGHT));
        assertThat(spread.tries()).isZero();
        assertThat(spread.reason()).startsWith("4 tries: too few to tell");
    }

    @Test
    void theAgeHoldsBackWhatAFewTriesSayAndGivesWayToMany() {
        double few = Spread.of(List.of(set(3, 0.4, 5, 0)), EIGHT).radians();
        double many = Spread.of(List.of(set(3, 0.4, 60, 0)), EIGHT).radians();
        assertThat(few).isLessThan(HitChance.usualSpread(EIGHT)).isGreaterThan(many);
        assertThatThrownBy(() -> Spread.of(List.of(set(3, 0.4, 5, 0)))).hasMessageContaining("fit any spread");
    }

    /** Throws simulated with a known spread and lean, at a mix of distances and widths, are read back within their interval. */
    @Test
    void aKnownSpreadAndLeanAreReadBack() {
        int inside = 0;
        double leans = 0;
        for (int seed = 1; seed <= 40; seed++) {
            Spread spread = Spread.of(thrown(new Random(seed), 0.08, 0.04, true), EIGHT);
            if (spread.from() <= 0.08 && 0.08 <= spread.to()) inside++;
            leans += spread.lean().orElseThrow() / 40;
        }
        assertThat(inside).isBetween(33, 40);
        assertThat(leans).isCloseTo(0.04, within(0.006));
    }

    @Test
    void withoutSidesALeanLooksLikeAWiderSpread() {
        Spread counted = Spread.of(thrown(new Random(5), 0.08, 0.08, true), EIGHT);
        Spread blind = Spread.of(thrown(new Random(5), 0.08, 0.08, false), EIGHT);
        assertThat(blind.radians()).isGreaterThan(counted.radians());
        assertThat(blind.lean()).isEmpty();
    }

    private static List<Tries> thrown(Random random, double spread, double lean, boolean sides) {
        List<Tries> sets = new ArrayList<>();
        for (double[] at : new double[][] {{2, 0.4}, {3, 0.4}, {4, 0.6}, {5, 0.5}}) {
            int hits = 0;
            int left = 0;
            int right = 0;
            for (int i = 0; i < 20; i++) {
                double off = (lean + spread * random.nextGaussian()) * at[0];
                if (Math.abs(off) <= at[1] / 2) hits++;
                else if (off < 0) left++;
                else right++;
            }
            sets.add(sides ? new Tries(at[0], at[1], hits, left, right, 0) : set(at[0], at[1], hits, left + right));
        }
        return sets;
    }

    @Test
    void threeLinesServeAMixedClass() {
        List<Double> spreads = new ArrayList<>();
        for (int i = 0; i < 27; i++) spreads.add(0.05 + 0.0025 * i);
        StartLines lines = StartLines.of(spreads, 0.5, 1.5, 6, Band.USUAL);
        assertThat(lines.metres()).isSorted().hasSize(3);
        assertThat(lines.lineOf()).hasSize(27);
        // A surer aim never stands nearer.
        assertThat(lines.lineOf()).isSortedAccordingTo(Collections.reverseOrder());
        int one = (int) spreads.stream()
                .filter(s -> HitChance.across(0.5, 3, s) >= 0.6 && HitChance.across(0.5, 3, s) <= 0.8)
                .count();
        assertThat(lines.inBand()).isGreaterThan(one);
        assertThat(lines.reason()).contains(lines.inBand() + " of 27 children");
        for (double[] ends : new double[][] {{1, 1e9}, {-1, 8}, {Double.NaN, 8}, {1, Double.POSITIVE_INFINITY}})
            assertThatThrownBy(() -> StartLines.of(spreads, 0.5, ends[0], ends[1], Band.USUAL))
                    .satisfies(e ->
                            assertThat(Lengths.plain(e.getMessage())).startsWith("Lines stand between 0 m and 100 m"));
        assertThat(StartLines.of(spreads, 0.5, 0, 100, Band.USUAL).metres()).hasSize(3);
        assertThatThrownBy(() -> StartLines.of(spreads, 0.5, 3, 3.5, Band.USUAL))
                .hasMessageContaining("three lines");
    }

    @Test
    void aNarrowerOrHarderBandMovesTheLines() {
        List<Double> spreads = new ArrayList<>();
        for (int i = 0; i < 27; i++) spreads.add(0.05 + 0.0025 * i);
        StartLines usual = StartLines.of(spreads, 0.5, 1.5, 8, Band.USUAL);
        StartLines harder = StartLines.of(spreads, 0.5, 1.5, 8, new Band(40, 60));
        assertThat(harder.metres().get(0)).isGreaterThan(usual.metres().get(0));
        assertThat(harder.reason()).contains("between 40 and 60 %");
        assertThat(Band.USUAL.middle()).isCloseTo(0.7, within(1e-12));
        assertThat(Band.USUAL.holds(0.6) && Band.USUAL.holds(0.8)).isTrue();
        assertThat(Band.USUAL.holds(0.599) || Band.USUAL.holds(0.801)).isFalse();
        assertThatThrownBy(() -> new Band(60, 65)).hasMessageContaining("at least 10 wide");
        assertThatThrownBy(() -> new Band(10, 90)).hasMessageContaining("10 to 90 % was given");
    }

    @Test
    void twoMissesHintAndOnlyManyAreAFinding() {
        assertThat(MissHint.ofSet(1, 1)).isEmpty();
        assertThat(MissHint.ofSet(2, 0).orElseThrow()).contains("to the left").contains("is the ball round?");
        // 2 * (1/2)^5 and 2 * (1/2)^6.
        assertThat(MissHint.chance(5, 0)).isCloseTo(0.0625, within(1e-12));
        assertThat(MissHint.chance(0, 6)).isCloseTo(0.03125, within(1e-12));
        assertThat(MissHint.finding(5, 0)).isEmpty();
        assertThat(MissHint.finding(0, 6).orElseThrow()).startsWith("6 of 6 misses went right: by luck in 3 of 100");
        assertThat(MissHint.chance(0, 0)).isEqualTo(1);
        assertThat(MissHint.chance(3, 3)).isEqualTo(1);
    }

    @Test
    void aSetSaysWhereToGoNext() {
        assertThat(NextDistance.after(3, 5, 0, 0, new Band(40, 55))).isEqualTo("3 of 5: a step back");
        assertThat(NextDistance.after(2, 5, 0, 0, Band.USUAL)).isEqualTo("2 of 5: a step nearer");
        assertThat(NextDistance.after(3, 5, 1, 1, Band.USUAL)).isEqualTo("3 of 5: stays");
        assertThat(NextDistance.after(4, 5, 0, 1, Band.USUAL)).isEqualTo("4 of 5: stays");
        assertThat(NextDistance.after(5, 5, 0, 0, Band.USUAL)).isEqualTo("5 of 5: a step back");
        assertThat(NextDistance.after(3, 5, 2, 0, Band.USUAL))
                .startsWith("3 of 5: stays. Twice to the left. A hint only");
    }
}
