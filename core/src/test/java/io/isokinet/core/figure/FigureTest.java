package io.isokinet.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.quantity.Age;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FigureTest {
    private static final List<Body> BODIES = List.of(Body.of(new Age(5)), Body.of(new Age(8)), Body.of(new Age(11)));
    private static final double STEP = 0.01;

    /** Shares of stature as drawn by Winter after Drillis and Contini (1966), from memory: a grown thigh is 0.245, a shank 0.246. */
    @Test
    void aGrownBodyHasThePublishedShares() {
        Body grown = Body.of(new Age(12));
        assertThat(grown.thigh() / grown.stature()).isCloseTo(0.245, within(1e-9));
        assertThat(grown.shank() / grown.stature()).isCloseTo(0.246, within(1e-9));
        assertThat(grown.leg() / grown.stature()).isCloseTo(0.530, within(1e-9));
        assertThat(grown.upperArm() / grown.stature()).isCloseTo(0.186, within(1e-9));
        assertThat(grown.trunk() / grown.stature()).isCloseTo(0.288, within(0.001));
    }

    @Test
    void aSmallChildHasALargerHeadAndShorterLegsAndItsPartsMakeItsStature() {
        double head = 1;
        double leg = 0;
        for (Body b : BODIES) {
            assertThat(b.head() + b.trunk() + b.leg()).isCloseTo(b.stature(), within(1e-9));
            assertThat(b.skull() / b.stature()).isLessThan(head);
            assertThat(b.leg() / b.stature()).isGreaterThan(leg);
            head = b.skull() / b.stature();
            leg = b.leg() / b.stature();
        }
        assertThat(BODIES.get(0).skull() / BODIES.get(0).stature()).isCloseTo(1 / 6.0, within(0.005));
    }

    /** Standing, worked by hand: the hips a straight leg above the floor, the top of the head at the stature, the hands beside the hips. */
    @Test
    void whoStandsIsAsTallAsItIs() {
        for (Body b : BODIES) {
            Figure f = Figure.of(b, Pose.STANDING);
            assertThat(f.at(Spot.HIPS).up()).isCloseTo(b.leg(), within(1e-9));
            assertThat(f.at(Spot.HEAD).up() + b.skull() / 2).isCloseTo(b.stature(), within(1e-9));
            assertThat(f.at(Spot.OWN_WRIST).up()).isLessThan(f.at(Spot.HIPS).up());
            assertThat(f.at(Spot.OWN_WRIST).own())
                    .isCloseTo(-f.at(Spot.OTHER_WRIST).own(), within(1e-9));
            assertThat(f.at(Spot.OWN_TOE).forward()).isPositive();
            assertThat(f.at(Spot.OWN_HEEL).up()).isCloseTo(0, within(0.02));
            assertThat(f.face()).isEqualTo(new Vec(1, 0, 0));
        }
    }

    /** Whatever a body does, its bones keep their lengths. */
    @Test
    void bonesKeepTheirLengthsAndNoJointGoesBeyondItsRange() {
        Movement m = OverarmThrow.movement();
        for (Body b : BODIES)
            for (double t = 0; t <= m.seconds(); t += STEP) {
                Figure f = m.figure(b, t);
                assertThat(f.reaches()).as("reaches at %.2f s", t).isTrue();
                assertThat(far(f, Spot.OWN_HIP, Spot.OWN_KNEE)).isCloseTo(b.thigh(), within(1e-6));
                assertThat(far(f, Spot.OTHER_KNEE, Spot.OTHER_ANKLE)).isCloseTo(b.shank(), within(1e-6));
                assertThat(far(f, Spot.OWN_SHOULDER, Spot.OWN_ELBOW)).isCloseTo(b.upperArm(), within(1e-6));
                assertThat(far(f, Spot.OTHER_ELBOW, Spot.OTHER_WRIST)).isCloseTo(b.forearm(), within(1e-6));
                assertThat(far(f, Spot.HIPS, Spot.NECK)).isCloseTo(b.trunk(), within(1e-6));
                for (Joint j : Joint.values()) assertThat(f.bend(j)).isBetween(0.0, j.most());
                for (Spot s : List.of(Spot.OWN_HEEL, Spot.OWN_TOE, Spot.OTHER_HEEL, Spot.OTHER_TOE))
                    assertThat(f.at(s).up()).as(s + " at %.2f s", t).isGreaterThan(-0.01);
            }
    }

    private static double far(Figure f, Spot a, Spot b) {
        return f.at(a).minus(f.at(b)).length();
    }

    @Test
    void aFootThatIsPlantedStaysWhereItIs() {
        Movement m = OverarmThrow.movement();
        Body b = BODIES.get(1);
        Vec planted = m.figure(b, m.time("step")).at(Spot.OTHER_HEEL);
        for (double t = m.time("step"); t <= m.seconds(); t += STEP)
            assertThat(m.figure(b, t).at(Spot.OTHER_HEEL).minus(planted).length())
                    .isLessThan(0.001);
    }

    @Test
    void theModelShowsEveryCueAndEachFaultHidesItsOwnAndNoOther() {
        for (Body b : BODIES) {
            OverarmThrow.cues().forEach((cue, question) -> {
                Question.Answer answer = question.of(OverarmThrow.movement(), b);
                assertThat(answer.shown()).as(cue + ": " + answer.sentence()).isTrue();
            });
            OverarmThrow.faults().forEach((hidden, changes) -> {
                Movement wrong = OverarmThrow.movement().with(changes);
                Set<String> missing = new LinkedHashSet<>();
                OverarmThrow.cues().forEach((cue, question) -> {
                    if (!question.of(wrong, b).shown()) missing.add(cue);
                });
                assertThat(missing).as("fault of " + hidden).containsExactly(hidden);
            });
        }
    }

    @Test
    void theBallLeavesTheHandWithItsSpeedAndFallsFreely() {
        Movement m = OverarmThrow.movement();
        Body b = BODIES.get(1);
        double goes = m.time("release");
        Vec before = m.ball(b, goes - 0.002).orElseThrow();
        Vec at = m.ball(b, goes).orElseThrow();
        Vec after = m.ball(b, goes + 0.002).orElseThrow();
        assertThat(at).isEqualTo(m.figure(b, goes).at(Spot.OWN_HAND));
        Vec speed = at.minus(before).times(1 / 0.002);
        assertThat(after.minus(at).times(1 / 0.002).minus(speed).length()).isLessThan(0.3 * speed.length() + 0.2);
        assertThat(speed.forward()).isPositive();
        double t = 0.2;
        Vec later = m.ball(b, goes + t).orElseThrow();
        Vec half = m.ball(b, goes + t / 2).orElseThrow();
        // Second differences of free fall, whatever the speed: 9.81 t² / 4.
        double fall = 2 * half.up() - at.up() - later.up();
        assertThat(fall).isCloseTo(9.81 * t * t / 4, within(1e-6));
    }

    @Test
    void aLeftHanderIsTheSameInAMirror() {
        Figure f = OverarmThrow.movement().figure(BODIES.get(1), 0.7);
        Sketch right = Sketch.of(f, View.FRONT, false);
        Sketch left = Sketch.of(f, View.FRONT, true);
        assertThat(left.head().x()).isCloseTo(-right.head().x(), within(1e-9));
        for (int i = 0; i < right.limbs().size(); i++) {
            assertThat(left.limbs().get(i).x1()).isCloseTo(-right.limbs().get(i).x1(), within(1e-9));
            assertThat(left.limbs().get(i).y2()).isCloseTo(right.limbs().get(i).y2(), within(1e-9));
        }
        // From its own side a left-hander throws to the left.
        assertThat(View.OWN_SIDE.draw(new Vec(1, 0, 0), true).right()).isEqualTo(-1);
        assertThat(View.OWN_SIDE.draw(new Vec(1, 0, 0), false).right()).isEqualTo(1);
    }

    @Test
    void nearerLimbsAreDrawnOverFartherOnes() {
        Sketch s = Sketch.of(Figure.of(BODIES.get(1), Pose.STANDING), View.OWN_SIDE, false);
        for (int i = 1; i < s.limbs().size(); i++)
            assertThat(s.limbs().get(i).near())
                    .isGreaterThanOrEqualTo(s.limbs().get(i - 1).near());
        assertThat(s.limbs().get(s.limbs().size() - 1).of()).isEqualTo(Sketch.Of.OWN);
        assertThat(s.limbs().get(0).of()).isEqualTo(Sketch.Of.OTHER);
    }

    /** Between two moments no dial goes farther than in them, and one that stands still stays. */
    @Test
    void nothingOvershoots() {
        Movement m = OverarmThrow.movement();
        for (int k = 1; k < m.moments().size(); k++) {
            Moment a = m.moments().get(k - 1);
            Moment b = m.moments().get(k);
            for (int i = 0; i <= 20; i++) {
                Pose p = m.pose(a.at() + (b.at() - a.at()) * i / 20);
                for (Dial d : Dial.values())
                    assertThat(p.get(d))
                            .as(d + " between " + a.name() + " and " + b.name())
                            .isBetween(
                                    Math.min(a.pose().get(d), b.pose().get(d)) - 1e-9,
                                    Math.max(a.pose().get(d), b.pose().get(d)) + 1e-9);
            }
        }
    }

    @Test
    void whatCannotBeIsRefusedInPlainWords() {
        assertThatThrownBy(() -> Pose.STANDING.with(Map.of(Dial.TURN, 400.0)))
                .hasMessage("TURN is 400.0; it must lie between -180.0 and 180.0.");
        assertThatThrownBy(() -> Pose.STANDING.with(Map.of(Dial.TURN, Double.NaN)))
                .hasMessageContaining("NaN");
        Moment one = new Moment("ready", 0, Pose.STANDING);
        assertThatThrownBy(() -> new Movement(List.of(one), null)).hasMessageContaining("two moments or more; 1");
        assertThatThrownBy(() -> new Movement(List.of(one, new Moment("end", 0, Pose.STANDING)), null))
                .hasMessageContaining("end at 0.0 s comes after ready at 0.0 s");
        assertThatThrownBy(() -> new Movement(List.of(one, new Moment("ready", 1, Pose.STANDING)), null))
                .hasMessageContaining("a name of its own");
        assertThatThrownBy(() -> OverarmThrow.movement().time("toss"))
                .hasMessageContaining("There is no moment “toss”; there are [ready, down, back");
        assertThatThrownBy(() ->
                        OverarmThrow.movement().with(List.of(new Movement.Change(Dial.TURN, List.of("toss"), true, 0))))
                .hasMessageContaining("no moment “toss”");
        Figure far = Figure.of(BODIES.get(1), Pose.STANDING.with(Map.of(Dial.OWN_FOOT_ALONG, 2.0)));
        assertThat(far.reaches()).isFalse();
        assertThat(far(far, Spot.OWN_HIP, Spot.OWN_KNEE))
                .isCloseTo(BODIES.get(1).thigh(), within(1e-6));
    }

    @Test
    void anAngleIsTheOneBetweenTwoWays() {
        assertThat(new Vec(1, 0, 0).angle(new Vec(0, 2, 0))).isCloseTo(90, within(1e-9));
        assertThat(new Vec(1, 0, 0).angle(new Vec(-3, 0, 0))).isCloseTo(180, within(1e-9));
        assertThat(Vec.ZERO.angle(new Vec(1, 0, 0))).isZero();
        assertThat(new Vec(1, 0, 0).turned(90).own()).isCloseTo(1, within(1e-9));
        assertThat(new Vec(0, 0, 1).leant(90).forward()).isCloseTo(1, within(1e-9));
        assertThat(new Vec(0, 0, 1).bent(90).own()).isCloseTo(1, within(1e-9));
    }
}
