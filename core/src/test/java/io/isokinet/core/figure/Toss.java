package io.isokinet.core.figure;

import static io.isokinet.core.figure.Dial.*;

import io.isokinet.core.figure.Movement.At;
import io.isokinet.core.figure.Movement.Change;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A small underarm toss with two cues and their faults, for the tests of the figure. */
public final class Toss {
    static final double INFINITE = Double.POSITIVE_INFINITY;

    private Toss() {}

    static Movement movement() {
        Pose ready = Pose.STANDING.with(Map.of(OWN_HAND_AHEAD, 0.35, OWN_HAND_UP, -0.7));
        Pose back = ready.with(Map.of(
                OWN_HAND_AHEAD, -0.7, OWN_HAND_UP, -0.6, OTHER_FOOT_ALONG, 0.12, OTHER_FOOT_HEIGHT, 0.06, TWIST, 15.0));
        Pose step = back.with(Map.of(OTHER_FOOT_ALONG, 0.32, OTHER_FOOT_HEIGHT, 0.0, ALONG, 0.15, HEIGHT, 0.92));
        Pose release = step.with(Map.of(OWN_HAND_AHEAD, 0.7, ALONG, 0.2, OWN_FOOT_TIP, 40.0, TWIST, 0.0));
        Pose end = release.with(Map.of(OWN_HAND_AHEAD, 0.9, OWN_HAND_UP, 0.2));
        return new Movement(
                List.of(
                        new Moment("ready", 0, ready, Eyes.TARGET),
                        new Moment("back", 0.4, back, Eyes.TARGET),
                        new Moment("step", 0.6, step, Eyes.TARGET),
                        new Moment("release", 0.8, release, Eyes.TARGET),
                        new Moment("end", 1.2, end, Eyes.TARGET)),
                null,
                new Movement.Handled(
                        List.of(new Ball(
                                0.04,
                                null,
                                List.of(
                                        new Ball.Leg(Ball.How.HELD, "release", Spot.OWN_HAND, null, 1, null),
                                        new Ball.Leg(Ball.How.GOES, "", null, null, 1, null)))),
                        null,
                        new Vec(4, 0, 0.5),
                        false));
    }

    static final Question STEP = new Question.At(
            new Gauge.Between(Gauge.Lies.AHEAD, Spot.OTHER_TOE, Spot.OWN_TOE), "release", new Bounds(0.2, INFINITE));
    static final Question BACK = new Question.Through(
            new Gauge.Between(Gauge.Lies.AHEAD, Spot.OWN_HAND, Spot.OWN_HIP),
            Question.Over.EVER,
            "ready",
            "release",
            new Bounds(-INFINITE, -0.12));

    static Movement noStep() {
        return movement()
                .with(new Change(
                        List.of(new At(
                                Set.of("back", "step", "release", "end"),
                                Map.of(OTHER_FOOT_ALONG, 0.0, OTHER_FOOT_HEIGHT, 0.0, ALONG, 0.0),
                                null)),
                        null));
    }

    static Movement fromTheFront() {
        return movement()
                .with(new Change(
                        List.of(new At(Set.of("back", "step"), Map.of(OWN_HAND_AHEAD, 0.3, OWN_HAND_UP, -0.8), null)),
                        null));
    }

    public static Demonstration demonstration() {
        Map<String, Demonstration.Shown> cues = new LinkedHashMap<>();
        cues.put(
                "toss/step",
                new Demonstration.Shown(STEP, "", List.of(new Demonstration.Wrong("No step", noStep(), "", Set.of()))));
        cues.put(
                "toss/back",
                new Demonstration.Shown(
                        BACK, "", List.of(new Demonstration.Wrong("From the front", fromTheFront(), "", Set.of()))));
        return new Demonstration("toss", movement(), cues, Map.of());
    }

    /** Two steps, the sides changing over. */
    static Movement walk() {
        Pose land = Pose.STANDING.with(Map.of(
                OWN_FOOT_ALONG,
                0.1,
                OTHER_FOOT_ALONG,
                -0.2,
                OTHER_FOOT_TIP,
                40.0,
                HEIGHT,
                0.95,
                OWN_HAND_AHEAD,
                -0.3,
                OWN_HAND_UP,
                -0.8));
        Pose pass =
                land.with(Map.of(ALONG, 0.12, OTHER_FOOT_ALONG, 0.12, OTHER_FOOT_HEIGHT, 0.06, OTHER_FOOT_TIP, 15.0));
        Pose next = pass.with(Map.of(
                ALONG, 0.3, OTHER_FOOT_ALONG, 0.4, OTHER_FOOT_HEIGHT, 0.0, OTHER_FOOT_TIP, 0.0, OWN_FOOT_TIP, 40.0));
        next = next.with(Map.of(OWN_HAND_AHEAD, 0.0, OWN_HAND_UP, -0.95, OTHER_HAND_AHEAD, -0.3, OTHER_HAND_UP, -0.8));
        return new Movement(
                List.of(
                        new Moment("land", 0, land, Eyes.AHEAD),
                        new Moment("pass", 0.25, pass, Eyes.AHEAD),
                        new Moment("next", 0.5, next, Eyes.AHEAD)),
                new Movement.Again("land", 3, true),
                Movement.Handled.NOTHING);
    }
}
