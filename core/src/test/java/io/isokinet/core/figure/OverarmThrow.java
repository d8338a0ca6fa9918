package io.isokinet.core.figure;

import static io.isokinet.core.figure.Dial.*;

import io.isokinet.core.figure.Movement.Change;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** An overarm throw with its cues and their faults, for the tests of the figure. */
final class OverarmThrow {
    private OverarmThrow() {}

    static Movement movement() {
        Pose ready = Pose.STANDING.with(Map.ofEntries(
                Map.entry(TURN, 85.0),
                Map.entry(HEIGHT, 0.97),
                Map.entry(OWN_FOOT_ALONG, -0.13),
                Map.entry(OWN_FOOT_ACROSS, 0.0),
                Map.entry(OWN_FOOT_TURN, 85.0),
                Map.entry(OTHER_FOOT_ALONG, 0.10),
                Map.entry(OTHER_FOOT_ACROSS, 0.0),
                Map.entry(OTHER_FOOT_TURN, 70.0),
                Map.entry(OWN_HAND_AHEAD, 0.5),
                Map.entry(OWN_HAND_OUT, -0.25),
                Map.entry(OWN_HAND_UP, -0.25),
                Map.entry(OTHER_HAND_AHEAD, 0.5),
                Map.entry(OTHER_HAND_OUT, -0.25),
                Map.entry(OTHER_HAND_UP, -0.25)));
        Pose down = ready.with(Map.ofEntries(
                Map.entry(OWN_HAND_AHEAD, 0.1),
                Map.entry(OWN_HAND_OUT, 0.35),
                Map.entry(OWN_HAND_UP, -0.8),
                Map.entry(OTHER_HAND_OUT, 0.4),
                Map.entry(OTHER_HAND_UP, -0.1)));
        Pose back = down.with(Map.ofEntries(
                Map.entry(TURN, 90.0),
                Map.entry(TWIST, 5.0),
                Map.entry(ALONG, -0.05),
                Map.entry(HEIGHT, 0.95),
                Map.entry(OTHER_FOOT_ALONG, 0.18),
                Map.entry(OTHER_FOOT_HEIGHT, 0.06),
                Map.entry(OTHER_FOOT_TURN, 45.0),
                Map.entry(OWN_HAND_AHEAD, -0.1),
                Map.entry(OWN_HAND_OUT, 0.5),
                Map.entry(OWN_HAND_UP, 0.45),
                Map.entry(OWN_ELBOW, 90.0),
                Map.entry(OTHER_HAND_AHEAD, 0.2),
                Map.entry(OTHER_HAND_OUT, 0.9),
                Map.entry(OTHER_HAND_UP, 0.05)));
        Pose step = back.with(Map.ofEntries(
                Map.entry(TURN, 65.0),
                Map.entry(TWIST, 25.0),
                Map.entry(ALONG, 0.10),
                Map.entry(HEIGHT, 0.88),
                Map.entry(OTHER_FOOT_ALONG, 0.36),
                Map.entry(OTHER_FOOT_HEIGHT, 0.0),
                Map.entry(OTHER_FOOT_TURN, 15.0)));
        Pose hips = step.with(Map.ofEntries(
                Map.entry(TURN, 20.0),
                Map.entry(TWIST, 45.0),
                Map.entry(ALONG, 0.17),
                Map.entry(HEIGHT, 0.86),
                Map.entry(OWN_FOOT_TIP, 30.0),
                Map.entry(OWN_FOOT_TURN, 40.0),
                Map.entry(OWN_HAND_OUT, 0.55),
                Map.entry(OWN_HAND_UP, 0.5),
                Map.entry(OTHER_HAND_OUT, 0.5),
                Map.entry(OTHER_HAND_UP, -0.1)));
        Pose release = hips.with(Map.ofEntries(
                Map.entry(TURN, 5.0),
                Map.entry(TWIST, 0.0),
                Map.entry(LEAN, 10.0),
                Map.entry(BEND, -10.0),
                Map.entry(ALONG, 0.22),
                Map.entry(OWN_FOOT_TIP, 50.0),
                Map.entry(OWN_FOOT_TURN, 10.0),
                Map.entry(OWN_HAND_AHEAD, 0.35),
                Map.entry(OWN_HAND_OUT, 0.35),
                Map.entry(OWN_HAND_UP, 0.75),
                Map.entry(OTHER_HAND_AHEAD, 0.35),
                Map.entry(OTHER_HAND_OUT, 0.05),
                Map.entry(OTHER_HAND_UP, -0.35),
                Map.entry(OTHER_ELBOW, 50.0)));
        Pose end = release.with(Map.ofEntries(
                Map.entry(TURN, -15.0),
                Map.entry(TWIST, -25.0),
                Map.entry(LEAN, 35.0),
                Map.entry(BEND, -5.0),
                Map.entry(ALONG, 0.27),
                Map.entry(HEIGHT, 0.86),
                Map.entry(OWN_FOOT_TIP, 65.0),
                Map.entry(OWN_HAND_AHEAD, 0.4),
                Map.entry(OWN_HAND_OUT, -0.5),
                Map.entry(OWN_HAND_UP, -0.7),
                Map.entry(OWN_ELBOW, 40.0)));
        return new Movement(
                List.of(
                        new Moment("ready", 0, ready),
                        new Moment("down", 0.3, down),
                        new Moment("back", 0.6, back),
                        new Moment("step", 0.8, step),
                        new Moment("hips", 0.9, hips),
                        new Moment("release", 1.0, release),
                        new Moment("end", 1.35, end)),
                new Ball(Ball.Held.OWN, "release"));
    }

    /** By key of the cue. */
    static Map<String, Question> cues() {
        Map<String, Question> cues = new LinkedHashMap<>();
        cues.put("side-on", new Question.Turned(false, "ready", 60, 120));
        cues.put("eyes-on-target", new Question.Looks("ready", "release", 20));
        cues.put(
                "arm-back",
                new Question.All(List.of(
                        new Question.Height(Spot.OWN_ELBOW, Spot.OWN_SHOULDER, "back", -0.04, false),
                        new Question.Bent(Joint.OWN_ELBOW, "back", 45, 130))));
        cues.put("other-foot", new Question.Ahead(Spot.OTHER_TOE, Spot.OWN_TOE, "step", 0.4));
        cues.put("turn", new Question.HipsFirst("back", 30, 0.03));
        cues.put(
                "across",
                new Question.All(List.of(
                        new Question.Across(Spot.OWN_HAND, Spot.NECK, "end", -0.05),
                        new Question.Height(Spot.OWN_HAND, Spot.HIPS, "end", 0.08, true))));
        cues.put("over-the-top", new Question.Height(Spot.OWN_HAND, Spot.OWN_SHOULDER, "release", 0.1, false));
        cues.put("free-arm", new Question.Ahead(Spot.OTHER_HAND, Spot.OTHER_SHOULDER, "back", 0.2));
        return cues;
    }

    /** Faults by the cue that they hide. */
    static Map<String, List<Change>> faults() {
        List<String> after = List.of("step", "hips", "release", "end");
        Map<String, List<Change>> faults = new LinkedHashMap<>();
        faults.put("side-on", List.of(new Change(TURN, List.of("ready", "down"), true, 10)));
        faults.put("eyes-on-target", List.of(new Change(LOOK, List.of("down", "back"), true, 70)));
        faults.put(
                "arm-back",
                List.of(
                        new Change(OWN_HAND_UP, List.of("back"), true, -0.2),
                        new Change(OWN_ELBOW, List.of("back"), true, 30)));
        faults.put(
                "other-foot",
                List.of(
                        new Change(OTHER_FOOT_ALONG, after, true, 0.1),
                        new Change(ALONG, after, true, 0.0),
                        new Change(HEIGHT, after, true, 0.92)));
        faults.put("turn", List.of(new Change(TWIST, List.of("step", "hips"), true, 0)));
        faults.put(
                "across",
                List.of(
                        new Change(OWN_HAND_OUT, List.of("end"), true, 0.3),
                        new Change(OWN_HAND_UP, List.of("end"), true, 0.1),
                        new Change(OWN_HAND_AHEAD, List.of("end"), true, 0.8)));
        faults.put(
                "over-the-top",
                List.of(
                        new Change(OWN_HAND_UP, List.of("release"), true, -0.4),
                        new Change(OWN_HAND_AHEAD, List.of("release"), true, 0.6)));
        faults.put(
                "free-arm",
                List.of(
                        new Change(OTHER_HAND_OUT, List.of("back", "step"), true, 0.1),
                        new Change(OTHER_HAND_UP, List.of("back", "step"), true, -0.9),
                        new Change(OTHER_HAND_AHEAD, List.of("back", "step"), true, 0.0)));
        return faults;
    }
}
