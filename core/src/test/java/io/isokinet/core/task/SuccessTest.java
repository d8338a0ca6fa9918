package io.isokinet.core.task;

import static io.isokinet.core.Made.activity;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Difficulty;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.aim.Band;
import io.isokinet.core.aim.HitChance;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.thing.Need;
import java.util.List;
import org.junit.jupiter.api.Test;

class SuccessTest {
    private final KnowHow known = Made.knowHow();
    private final Lever distance = new Lever(
            "distance",
            List.of("2 m", "3 m", "4 paces"),
            1,
            Lever.even(3, 1),
            List.of(
                    StepFacts.of(Reach.metres(2)),
                    StepFacts.of(Reach.metres(3)),
                    StepFacts.of(new Reach(4, Reach.Unit.PACES))));

    private Activity rolling(int pins) {
        return rolling(pins, distance);
    }

    private static Activity rolling(int pins, Lever lever) {
        return activity("roll", LessonPhase.PRACTISE)
                .of(Made.ROLL, 4)
                .needs(Made.balls(Need.Per.GROUP, 1), Made.targets(Need.Per.GROUP, pins))
                .lever(lever)
                .build();
    }

    private Task task(Activity activity, int step, int age) {
        return Task.preferred(activity, step, new Age(age), Place.Floor.WOOD, known);
    }

    private double share(Activity activity, int step, int age) {
        return task(activity, step, age).success().share();
    }

    /** A 75 mm skittle and a 20 cm ball at 3 m: worked from the normal distribution. */
    @Test
    void aRollAtASkittleIsComputed() {
        Success s = task(rolling(1), 1, 9).success();
        assertThat(s.source()).isEqualTo(Success.Source.AIM);
        assertThat(s.share()).isCloseTo(HitChance.across(0.275, 3, 0.06), within(1e-12));
        assertThat(Lengths.plain(s.reason())).contains("20 cm across at 3.0 m", "0.06 rad at 9 years");
    }

    @Test
    void nearerOlderAndMorePinsAreEasier() {
        for (int pins : new int[] {1, 3, 6, 10}) {
            Activity a = rolling(pins);
            assertThat(share(a, 0, 8)).isGreaterThan(share(a, 1, 8));
            assertThat(share(a, 1, 9)).isGreaterThan(share(a, 1, 6));
        }
        assertThat(share(rolling(6), 1, 8)).isGreaterThan(share(rolling(1), 1, 8));
    }

    @Test
    void everythingElseGoesByItsDifficulty() {
        Activity hop = activity("hop", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .lever(distance)
                .build();
        for (Activity a : List.of(hop, rolling(5))) {
            Success s = task(a, 1, 8).success();
            assertThat(s.source()).isEqualTo(Success.Source.SCALE);
            assertThat(s.share()).isCloseTo(Difficulty.success(0, 8), within(1e-12));
        }
        // Paces are a teacher's, so metres can be made of them.
        assertThat(task(rolling(1), 2, 8).success().source()).isEqualTo(Success.Source.AIM);
    }

    /** The twentieths against the statistics library; the share inside the band against counting over many children. */
    @Test
    void theBandHoldsTheShareOfAClassThatCountingFinds() {
        var normal = org.apache.commons.statistics.distribution.NormalDistribution.of(0, 1);
        Activity hop = activity("hop", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .lever(distance)
                .build();
        double counted = 0;
        int many = 20_000;
        for (int i = 0; i < many; i++) {
            double z = normal.inverseCumulativeProbability((i + 0.5) / many);
            double share = Difficulty.success(0.8 * z, 8);
            if (Band.USUAL.holds(share)) counted++;
        }
        assertThat(Success.inBand(task(hop, 1, 8), Band.USUAL).value()).isCloseTo(counted / many, within(0.06));
        // Far too near and far too far nobody is inside.
        Lever wide = Made.distance(1, 0.2, 3, 40);
        assertThat(Success.inBand(task(rolling(1, wide), 0, 8), Band.USUAL).value())
                .isZero();
        assertThat(Success.inBand(task(rolling(1, wide), 2, 8), Band.USUAL).value())
                .isZero();
    }
}
