package io.isokinet.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.check.Finding;
import io.isokinet.core.quantity.Age;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FigureTest {
    private static final List<Body> BODIES = List.of(Body.of(new Age(5)), Body.of(new Age(8)), Body.of(new Age(11)));
    private static final Body EIGHT = BODIES.get(1);
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
        Body taller = EIGHT.times(1.1);
        assertThat(taller.head() + taller.trunk() + taller.leg()).isCloseTo(1.1 * EIGHT.stature(), within(1e-9));
    }

    /** Standing, worked by hand: the hips a straight leg above the floor, the top of the head at the stature, the hands beside the hips. */
    @Test
    void whoStandsIsAsTallAsItIs() {
        for (Body b : BODIES) {
            Figure f = Figure.of(b, Pose.STANDING);
            assertThat(f.at(Spot.HIPS).up()).isCloseTo(b.leg(), within(0.01));
            assertThat(f.at(Spot.HEAD).up() + b.skull() / 2).isCloseTo(b.stature(), within(0.01));
            assertThat(f.at(Spot.OWN_WRIST).up()).isLessThan(f.at(Spot.HIPS).up());
            assertThat(f.at(Spot.OWN_WRIST).own())
                    .isCloseTo(-f.at(Spot.OTHER_WRIST).own(), within(1e-9));
            assertThat(f.at(Spot.OWN_TOE).forward()).isPositive();
            assertThat(f.at(Spot.OWN_HEEL).up()).isCloseTo(0, within(1e-9));
        }
    }

    /** Whatever a body does, its bones keep their lengths. */
    @Test
    void bonesKeepTheirLengths() {
        for (Movement m : List.of(Toss.movement(), Toss.walk()))
            for (Body b : BODIES) {
                Played p = new Played(m, b);
                for (double t = 0; t <= m.seconds(); t += STEP) {
                    assertThat(p.figure(t).reaches()).as("reaches at %.2f s", t).isTrue();
                    assertThat(far(p, Spot.OWN_HIP, Spot.OWN_KNEE, t)).isCloseTo(b.thigh(), within(1e-6));
                    assertThat(far(p, Spot.OTHER_KNEE, Spot.OTHER_ANKLE, t)).isCloseTo(b.shank(), within(1e-6));
                    assertThat(far(p, Spot.OWN_SHOULDER, Spot.OWN_ELBOW, t)).isCloseTo(b.upperArm(), within(1e-6));
                    assertThat(far(p, Spot.OTHER_ELBOW, Spot.OTHER_WRIST, t)).isCloseTo(b.forearm(), within(1e-6));
                    assertThat(far(p, Spot.HIPS, Spot.NECK, t)).isCloseTo(b.trunk(), within(1e-6));
                    assertThat(far(p, Spot.HEAD, Spot.NOSE, t)).isCloseTo(b.skull() / 2, within(1e-6));
                }
            }
    }

    private static double far(Motion m, Spot a, Spot b, double t) {
        return m.at(a, t).minus(m.at(b, t)).length();
    }

    @Test
    void aFootThatIsPlantedStaysWhereItIsAndTurnsOnItsBall() {
        Motion m = Toss.movement().on(EIGHT);
        Vec planted = m.at(Spot.OTHER_HEEL, m.time("step"));
        for (double t = m.time("step"); t <= m.end(); t += STEP)
            assertThat(m.at(Spot.OTHER_HEEL, t).minus(planted).length()).isLessThan(0.001);
        Figure ahead = Figure.of(EIGHT, Pose.STANDING);
        Figure turned = Figure.of(EIGHT, Pose.STANDING.with(Map.of(Dial.OWN_FOOT_TURN, 80.0)));
        assertThat(ball(turned).minus(ball(ahead)).length()).isLessThan(1e-9);
        assertThat(turned.at(Spot.OWN_HEEL).minus(ahead.at(Spot.OWN_HEEL)).length())
                .isGreaterThan(0.1);
    }

    private static Vec ball(Figure f) {
        return f.at(Spot.OWN_HEEL).times(0.25).plus(f.at(Spot.OWN_TOE).times(0.75));
    }

    /** A wide stance brings the hips down just as far as straight legs allow, by Pythagoras. */
    @Test
    void theHipsComeDownWhereAFootWouldNotReach() {
        Pose wide = Pose.STANDING.with(Map.of(Dial.OWN_FOOT_ALONG, 0.3, Dial.OTHER_FOOT_ALONG, -0.3));
        Figure f = Figure.of(EIGHT, wide);
        double leg = (EIGHT.thigh() + EIGHT.shank()) * 0.999;
        double aside = Math.hypot(0.3 * EIGHT.stature(), 0.09 * EIGHT.stature() - EIGHT.hips());
        assertThat(f.at(Spot.HIPS).up()).isCloseTo(EIGHT.ankle() + Math.sqrt(leg * leg - aside * aside), within(1e-9));
        assertThat(f.reaches()).isTrue();
        assertThat(Figure.of(EIGHT, Pose.STANDING.with(Map.of(Dial.OWN_FOOT_ALONG, 2.0)))
                        .reaches())
                .isFalse();
    }

    @Test
    void theModelShowsEveryCueAndEachFaultHidesItsOwnAndNoOther() {
        assertThat(Soundness.of(Toss.demonstration())).isEmpty();
    }

    /** What is not true of a demonstration is said: a fault that hides nothing, one that hides another cue, a foot that slides, a ball that jumps. */
    @Test
    void whatIsNotTrueIsSaid() {
        Demonstration good = Toss.demonstration();
        assertThat(rules(with(good, "toss/step", Toss.movement()))).containsExactly("figure-hides");
        assertThat(rules(with(good, "toss/step", Toss.fromTheFront())))
                .containsExactlyInAnyOrder("figure-hides", "figure-shows");
        Movement slides = Toss.movement()
                .with(new Movement.Change(
                        List.of(new Movement.At(Set.of("end"), Map.of(Dial.OTHER_FOOT_ALONG, 0.6), null)), null));
        assertThat(rules(new Demonstration("toss", slides, good.cues(), Map.of())))
                .contains("figure-moves");
        Movement.Handled handled = Toss.movement().handled();
        Ball jumps = new Ball(
                0.04,
                new Vec(2, 0, 0.5),
                List.of(
                        new Ball.Leg(Ball.How.FLIES, "step", null, new Vec(0, 2, 0.5), 1, null),
                        new Ball.Leg(Ball.How.HELD, "release", Spot.OWN_HAND, null, 1, null),
                        new Ball.Leg(Ball.How.GOES, "", null, null, 1, null)));
        Movement jumping = Toss.movement()
                .with(new Movement.Change(
                        List.of(), new Movement.Handled(List.of(jumps), null, handled.target(), false)));
        assertThat(rules(new Demonstration("toss", jumping, good.cues(), Map.of())))
                .contains("figure-ball");
    }

    private static Set<String> rules(Demonstration d) {
        Set<String> rules = new java.util.TreeSet<>();
        for (Finding f : Soundness.of(d)) rules.add(f.rule());
        return rules;
    }

    private static Demonstration with(Demonstration d, String cue, Movement fault) {
        Map<String, Demonstration.Shown> cues = new LinkedHashMap<>(d.cues());
        cues.put(
                cue,
                new Demonstration.Shown(
                        d.question(cue).orElseThrow(),
                        "",
                        List.of(new Demonstration.Wrong("No step", fault, "", Set.of()))));
        return new Demonstration(d.skill(), d.model(), cues, Map.of());
    }

    @Test
    void theBallLeavesTheHandToTheTargetWithItsSpeedAndFallsFreely() {
        Motion m = Toss.movement().on(EIGHT);
        double goes = m.time("release");
        Vec at = m.at(Spot.BALL, goes);
        assertThat(at).isEqualTo(m.at(Spot.OWN_HAND, goes));
        Vec hand = at.minus(m.at(Spot.OWN_HAND, goes - 0.01)).times(1 / 0.01);
        Vec speed = m.at(Spot.BALL, goes + 1e-5).minus(at).times(1e5);
        assertThat(Math.hypot(speed.forward(), speed.own()))
                .isCloseTo(Math.hypot(hand.forward(), hand.own()), within(0.01));
        assertThat(speed.up()).isCloseTo(hand.up(), within(0.01));
        Vec way = m.at(Spot.TARGET, goes).minus(at);
        assertThat(speed.own() / speed.forward()).isCloseTo(way.own() / way.forward(), within(1e-6));
        double t = 0.1;
        Vec later = m.at(Spot.BALL, goes + t);
        Vec half = m.at(Spot.BALL, goes + t / 2);
        // Second differences of free fall, whatever the speed: g t² / 4.
        assertThat(2 * half.up() - at.up() - later.up()).isCloseTo(9.80665 * t * t / 4, within(1e-6));
    }

    /** A ball that is to arrive in time rises as high as gravity says: g T² / 8 above the line between. */
    @Test
    void aBallThatFliesArrivesInTime() {
        Ball caught = new Ball(
                0.04,
                new Vec(3, 0, 0.9),
                List.of(
                        new Ball.Leg(Ball.How.FLIES, "release", Spot.OWN_HAND, null, 1, null),
                        new Ball.Leg(Ball.How.HELD, "", Spot.OWN_HAND, null, 1, null)));
        Motion m = Toss.movement()
                .with(new Movement.Change(
                        List.of(), new Movement.Handled(List.of(caught), null, new Vec(3, 0, 0.9), false)))
                .on(EIGHT);
        double whole = m.time("release");
        Vec from = m.at(Spot.BALL, 0);
        Vec to = m.at(Spot.BALL, whole);
        assertThat(to).isEqualTo(m.at(Spot.OWN_HAND, whole));
        double line = (from.up() + to.up()) / 2;
        assertThat(m.at(Spot.BALL, whole / 2).up() - line).isCloseTo(9.80665 * whole * whole / 8, within(1e-9));
        assertThat(m.at(Spot.BALL, m.end())).isEqualTo(m.at(Spot.OWN_HAND, m.end()));
    }

    /** Steps come again on the other side of the body, each as far along as the one before. */
    @Test
    void stepsComeAgain() {
        Motion m = Toss.walk().on(EIGHT);
        double stride = 0.3 * EIGHT.stature();
        assertThat(m.end()).isCloseTo(2, within(1e-9));
        Vec first = m.at(Spot.OTHER_KNEE, 0.3);
        Vec second = m.at(Spot.OWN_KNEE, 0.8);
        assertThat(second.forward() - first.forward()).isCloseTo(stride, within(1e-9));
        assertThat(second.own()).isCloseTo(-first.own(), within(1e-9));
        assertThat(second.up()).isCloseTo(first.up(), within(1e-9));
        Question steps = new Question.Counted(Question.Steps.LANDINGS, null, "", "", new Bounds(4, 4));
        assertThat(steps.of(m, Gauge.Sided.RIGHT).shown()).isTrue();
        assertThat(new Question.Counted(Question.Steps.HOPS, null, "", "", new Bounds(0, 0))
                        .of(m, Gauge.Sided.RIGHT)
                        .shown())
                .isTrue();
        assertThat(new Question.Counted(Question.Steps.FLIGHT, null, "", "", new Bounds(0, 0.01))
                        .of(m, Gauge.Sided.RIGHT)
                        .shown())
                .isTrue();
        Movement one = Toss.walk()
                .with(new Movement.Change(
                        List.of(new Movement.At(Set.of("pass-3"), Map.of(Dial.LEAN, 50.0), null)), null));
        assertThat(one.pose(one.time("pass-3")).get(Dial.LEAN)).isEqualTo(50);
        assertThat(one.pose(one.time("pass-2")).get(Dial.LEAN)).isZero();
    }

    /** The same question asked of pictures in whole millimetres. */
    @Test
    void aClipAnswersAsTheBodyDoes() {
        for (Movement m : List.of(Toss.movement(), Toss.noStep(), Toss.fromTheFront()))
            for (Body b : BODIES) {
                Clip clip = Clip.of(m, b, Clip.USUAL_RATE);
                for (Question q : List.of(Toss.STEP, Toss.BACK))
                    assertThat(q.of(clip, Gauge.Sided.RIGHT).shown())
                            .isEqualTo(q.of(m.on(b), Gauge.Sided.RIGHT).shown());
            }
    }

    @Test
    void anAnswerSaysWhatWasMeasuredAndWhatIsAskedFor() {
        assertThat(Toss.STEP.of(Toss.movement().on(EIGHT), Gauge.Sided.RIGHT).sentence())
                .isEqualTo(
                        "At “release” the left toes are 40 cm ahead of the right toes; at least 25 cm is asked for.");
        assertThat(Toss.STEP.of(Toss.movement().on(EIGHT), Gauge.Sided.LEFT).sentence())
                .startsWith("At “release” the right toes are");
        Question range = new Question.Through(
                new Gauge.Between(Gauge.Lies.AHEAD, Spot.OWN_HAND, Spot.OWN_HIP),
                Question.Over.RANGE,
                "",
                "",
                new Bounds(0.4, Double.POSITIVE_INFINITY));
        assertThat(range.of(Toss.movement().on(EIGHT), Gauge.Sided.RIGHT).sentence())
                .matches(
                        "How far the right hand is from the right hip changes by \\d+ cm; at least 50 cm is asked for\\.");
        Question bent =
                new Question.At(new Gauge.Bend(Joint.OWN_KNEE), "release", new Bounds(Double.NEGATIVE_INFINITY, 170));
        assertThat(bent.of(Toss.movement().on(EIGHT), Gauge.Sided.LEFT).sentence())
                .matches("At “release” the left knee is bent by \\d+ degrees; at most 170 degrees is asked for\\.");
    }

    /** Half-way to a fault some cue is shown still or no more: the question decides, not the name of the fault. */
    @Test
    void aFaultCanBeNearlyThere() {
        Movement model = Toss.movement();
        Movement wrong = Toss.noStep();
        double before = ahead(model);
        double after = ahead(wrong);
        assertThat(ahead(model.towards(wrong, 0.5))).isCloseTo((before + after) / 2, within(0.01));
        assertThat(ahead(model.towards(wrong, 0))).isCloseTo(before, within(1e-9));
        assertThat(ahead(model.towards(wrong, 1))).isCloseTo(after, within(1e-9));
        assertThat(model.slower(2).seconds()).isEqualTo(2 * model.seconds());
    }

    private static double ahead(Movement m) {
        Motion on = m.on(EIGHT);
        double t = m.time("release");
        return on.at(Spot.OTHER_TOE, t).forward() - on.at(Spot.OWN_TOE, t).forward();
    }

    /** A neck turns so far and no farther, whatever a child would look at. */
    @Test
    void aHeadTurnsNoFartherThanItsNeck() {
        Movement back = Toss.movement()
                .with(new Movement.Change(
                        List.of(new Movement.At(
                                Set.of("ready", "back", "step", "release", "end"), Map.of(Dial.TWIST, 0.0), Eyes.BACK)),
                        null));
        double turned = new Gauge.Turned(Gauge.Part.FACE).of(back.on(EIGHT), 0.5);
        assertThat(Math.abs(turned)).isCloseTo(95, within(0.01));
    }

    @Test
    void aLeftHanderIsTheSameInAMirror() {
        Sketch right = Sketch.of(Toss.movement(), EIGHT, 0.7, View.FRONT, false);
        Sketch left = Sketch.of(Toss.movement(), EIGHT, 0.7, View.FRONT, true);
        assertThat(left.head().x()).isCloseTo(-right.head().x(), within(1e-9));
        for (int i = 0; i < right.limbs().size(); i++) {
            assertThat(left.limbs().get(i).x1()).isCloseTo(-right.limbs().get(i).x1(), within(1e-9));
            assertThat(left.limbs().get(i).y2()).isCloseTo(right.limbs().get(i).y2(), within(1e-9));
        }
        assertThat(View.OWN_SIDE.draw(new Vec(1, 0, 0), true).right()).isEqualTo(-1);
        assertThat(View.OWN_SIDE.draw(new Vec(1, 0, 0), false).right()).isEqualTo(1);
    }

    @Test
    void nearerLimbsAreDrawnOverFartherOnes() {
        Sketch s = Sketch.of(Toss.movement(), EIGHT, 0, View.OWN_SIDE, false);
        for (int i = 1; i < s.limbs().size(); i++)
            assertThat(s.limbs().get(i).near())
                    .isGreaterThanOrEqualTo(s.limbs().get(i - 1).near());
        assertThat(s.limbs().get(0).of()).isEqualTo(Sketch.Of.OTHER);
        assertThat(s.balls()).hasSize(1);
    }

    /** Between two moments no dial goes farther than in them, and one that stands still stays. */
    @Test
    void nothingOvershoots() {
        Movement m = Toss.movement();
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
                .hasMessage("TURN is 400.0; it must lie between -200.0 and 200.0.");
        assertThatThrownBy(() -> Pose.STANDING.with(Map.of(Dial.TURN, Double.NaN)))
                .hasMessageContaining("NaN");
        Moment one = new Moment("ready", 0, Pose.STANDING, Eyes.AHEAD);
        Moment end = new Moment("end", 0, Pose.STANDING, Eyes.AHEAD);
        assertThatThrownBy(() -> new Movement(List.of(one), null, Movement.Handled.NOTHING))
                .hasMessageContaining("two moments or more; 1");
        assertThatThrownBy(() -> new Movement(List.of(one, end), null, Movement.Handled.NOTHING))
                .hasMessageContaining("end at 0.0 s comes after ready at 0.0 s");
        Moment twice = new Moment("ready", 1, Pose.STANDING, Eyes.AHEAD);
        assertThatThrownBy(() -> new Movement(List.of(one, twice), null, Movement.Handled.NOTHING))
                .hasMessageContaining("a name of its own");
        assertThatThrownBy(() -> Toss.movement().time("toss"))
                .hasMessageContaining("There is no moment “toss”; there are [ready, back");
        Movement.Change nowhere =
                new Movement.Change(List.of(new Movement.At(Set.of("toss"), Map.of(Dial.TURN, 0.0), null)), null);
        assertThatThrownBy(() -> Toss.movement().with(nowhere)).hasMessageContaining("no moment “toss”");
        Moment leant = new Moment("end", 1, Pose.STANDING.with(Map.of(Dial.LEAN, 40.0)), Eyes.AHEAD);
        assertThatThrownBy(() -> new Movement(
                        List.of(one, leant), new Movement.Again("ready", 2, false), Movement.Handled.NOTHING))
                .hasMessageContaining("must end as it began: LEAN is 0.0 at ready and 40.0 at end");
        assertThatThrownBy(() -> Toss.movement().on(EIGHT).at(Spot.TIP, 0)).hasMessageContaining("Nothing is held");
        assertThatThrownBy(() -> Toss.movement().on(EIGHT).at(Spot.THIRD_BALL, 0))
                .hasMessageContaining("no ball 3");
        assertThatThrownBy(() -> new Bounds(2, 1)).hasMessageContaining("not above");
        assertThatThrownBy(() -> new Question.All(List.of())).hasMessageContaining("at least one thing");
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
