package io.isokinet.knowhow;

import static io.isokinet.knowhow.Fixtures.KNOW_HOW;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.activity.Travel;
import io.isokinet.core.aim.HitChance;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Success;
import io.isokinet.core.task.Task;
import io.isokinet.core.thing.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** Everyday cases of balls, floors and targets: common practice, no source, unless a source is named. */
class EverydayTest {
    private static final Age EIGHT = new Age(8);

    @ParameterizedTest(name = "{0} at {1}, {3} m on {2}")
    @CsvFileSource(resources = "/reference/everyday.csv", numLinesToSkip = 4)
    void whatFallsToWhat(
            String ball, String target, Place.Floor floor, double metres, Travel travel, Toppling.Verdict expected) {
        Item sent = KNOW_HOW.item(ball);
        Item stands = KNOW_HOW.item(target);
        Toppling.Answer answer = travel == Travel.FLIES
                ? Toppling.thrown(sent, stands, EIGHT)
                : Toppling.rolled(sent, stands, EIGHT, new Ground(floor), metres);
        assertThat(answer.verdict()).as(answer.reason()).isEqualTo(expected);
    }

    /** A sock ball stops in metres where a smooth ball runs on; foam does not roll on over grass. */
    @Test
    void thingsRollAsFarAsTheyDo() {
        Ground wood = new Ground(Place.Floor.WOOD);
        Speed usual = Toppling.usualRoll(EIGHT);
        assertThat(wood.runsOn(KNOW_HOW.item("sock-ball"), usual).metres()).isBetween(2.0, 4.0);
        assertThat(wood.runsOn(KNOW_HOW.item("playground-ball"), usual).metres())
                .isGreaterThan(15);
        assertThat(new Ground(Place.Floor.GRASS).rolls(KNOW_HOW.item("foam-ball-20")))
                .isFalse();
        assertThat(new Ground(Place.Floor.GRASS).rolls(KNOW_HOW.item("football-3")))
                .isTrue();
    }

    /** Let go at 1.5 m/s a ball stops 4.1 m on, at 3 m/s 16.4 m on, with c 0.028; 2.6 m at 3.2 m/s with c 0.20: worked. */
    @ParameterizedTest
    @CsvSource({"WOOD, 3, 16.4", "WOOD, 1.5, 4.1", "GRASS, 3.2, 2.6"})
    void aRollStopsWhereItIsWorkedOut(Place.Floor floor, double speed, double metres) {
        Ground ground = new Ground(floor);
        Item ball = KNOW_HOW.item("playground-ball");
        assertThat(ground.runsOn(ball, new Speed(speed)).metres()).isCloseTo(metres, within(0.05));
        assertThat(ground.toStopAt(ball, metres).metresPerSecond()).isCloseTo(speed, within(0.01));
        assertThat(ground.after(ball, new Speed(speed), metres * 1.01).metresPerSecond())
                .isZero();
    }

    /** No child stops a ball in a hoop on a hall floor nine times in ten. */
    @ParameterizedTest
    @CsvSource({"5", "7", "9", "11"})
    void noChildStopsABallInAHoopNineTimesInTen(int years) {
        List<Double> shares = new ArrayList<>();
        for (int step = 0; step < 3; step++) {
            Success s = Task.preferred(
                            KNOW_HOW.activity("dock-the-ball"), step, new Age(years), Place.Floor.WOOD, KNOW_HOW)
                    .success();
            assertThat(s.source()).isEqualTo(Success.Source.AIM);
            shares.add(s.share());
        }
        assertThat(shares).allMatch(s -> s < 0.6);
        assertThat(shares.get(0)).isGreaterThan(shares.get(1));
        assertThat(shares.get(1)).isGreaterThan(shares.get(2));
    }

    /** The chance that a roll stops in a hoop, against rolls let go one by one with the same errors. */
    @Test
    void stoppingInAHoopIsWhatRollsLetGoOneByOneGive() {
        Random random = new Random(11);
        Ground wood = new Ground(Place.Floor.WOOD);
        Item ball = KNOW_HOW.item("foam-ball-20");
        double hoop = 0.6;
        double metres = 3;
        double spread = HitChance.usualSpread(EIGHT);
        double pace = HitChance.usualRollPace(EIGHT);
        double right = wood.toStopAt(ball, metres).metresPerSecond();
        int in = 0;
        int rolls = 200_000;
        for (int i = 0; i < rolls; i++) {
            double speed = Math.max(0, right * (1 + pace * random.nextGaussian()));
            double stops = wood.runsOn(ball, new Speed(speed)).metres();
            double aside = metres * spread * random.nextGaussian();
            if (Math.abs(stops - metres) <= hoop / 2 && Math.abs(aside) <= hoop / 2) in++;
        }
        assertThat(HitChance.across(hoop, metres, spread) * HitChance.along(hoop, metres, pace))
                .isCloseTo((double) in / rolls, within(0.005));
    }

    /** Where the scoring has no success there is no rate: shadow moves, zones, nearest, measured games. */
    @ParameterizedTest
    @CsvSource({"shadow-roll", "far-lamps", "nearest-the-lamp", "longest-shore", "tails-of-the-fleet"})
    void whereNothingSucceedsThereIsNoRate(String key) {
        Success s = Task.preferred(KNOW_HOW.activity(key), 0, EIGHT, Place.Floor.WOOD, KNOW_HOW)
                .success();
        assertThat(s.share()).isNull();
        assertThat(s.reason()).isNotBlank();
    }

    /** What a step brings is what is fetched: scarves at scarves, bags at bags. */
    @ParameterizedTest
    @CsvSource({"two-ships-cross, 0, scarf", "two-ships-cross, 1, juggling-bag", "drop-and-cup, 1, beanbag"})
    void aStepBringsItsThing(String key, int step, String item) {
        assertThat(Asked.of(KNOW_HOW.activity(key), step).needs().get(0).prefers())
                .isEqualTo(item);
    }
}
