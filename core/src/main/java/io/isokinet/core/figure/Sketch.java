package io.isokinet.core.figure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A figure as plain shapes seen from one side, what is farther first; all in metres from where the child starts, down the page.
 *
 * @param limbs thick lines
 * @param head a circle, with a mark for where the face points
 */
public record Sketch(List<Limb> limbs, Head head, List<Round> balls, Optional<Limb> thing) {
    public Sketch {
        limbs = List.copyOf(limbs);
        balls = List.copyOf(balls);
    }

    /** Which side a limb is of. */
    public enum Of {
        MIDDLE,
        OWN,
        OTHER
    }

    /** A line from one spot to another, {@code wide} across. */
    public record Limb(
            Spot from, Spot to, Of of, double x1, double y1, double x2, double y2, double wide, double near) {}

    /** @param faceX and {@code faceY} where the face is on its rim or in it */
    public record Head(double x, double y, double radius, double faceX, double faceY, double near) {}

    /** A ball. */
    public record Round(double x, double y, double radius, double near) {}

    /** A part that is drawn, {@code wide} in shares of stature. */
    public record Bone(Spot from, Spot to, Of of, double wide) {}

    /** Breadths as shares of stature: how this figure is drawn, nothing measured. */
    public static final List<Bone> BONES = List.of(
            new Bone(Spot.HIPS, Spot.NECK, Of.MIDDLE, 0.10),
            new Bone(Spot.OWN_SHOULDER, Spot.OTHER_SHOULDER, Of.MIDDLE, 0.06),
            new Bone(Spot.OWN_HIP, Spot.OTHER_HIP, Of.MIDDLE, 0.075),
            new Bone(Spot.NECK, Spot.HEAD, Of.MIDDLE, 0.05),
            new Bone(Spot.OWN_SHOULDER, Spot.OWN_ELBOW, Of.OWN, 0.046),
            new Bone(Spot.OWN_ELBOW, Spot.OWN_WRIST, Of.OWN, 0.038),
            new Bone(Spot.OWN_WRIST, Spot.OWN_HAND, Of.OWN, 0.034),
            new Bone(Spot.OTHER_SHOULDER, Spot.OTHER_ELBOW, Of.OTHER, 0.046),
            new Bone(Spot.OTHER_ELBOW, Spot.OTHER_WRIST, Of.OTHER, 0.038),
            new Bone(Spot.OTHER_WRIST, Spot.OTHER_HAND, Of.OTHER, 0.034),
            new Bone(Spot.OWN_HIP, Spot.OWN_KNEE, Of.OWN, 0.070),
            new Bone(Spot.OWN_KNEE, Spot.OWN_ANKLE, Of.OWN, 0.052),
            new Bone(Spot.OWN_HEEL, Spot.OWN_TOE, Of.OWN, 0.034),
            new Bone(Spot.OTHER_HIP, Spot.OTHER_KNEE, Of.OTHER, 0.070),
            new Bone(Spot.OTHER_KNEE, Spot.OTHER_ANKLE, Of.OTHER, 0.052),
            new Bone(Spot.OTHER_HEEL, Spot.OTHER_TOE, Of.OTHER, 0.034));

    private static final double THING = 0.03;

    /** @param mirrored true for a left-hander */
    public static Sketch of(Movement movement, Body body, double at, View view, boolean mirrored) {
        Motion m = movement.on(body);
        double stature = body.stature();
        List<Limb> limbs = new ArrayList<>();
        for (Bone b : BONES) limbs.add(limb(m, b, at, view, mirrored, stature));
        limbs.sort(Comparator.comparingDouble(Limb::near));
        View.Drawn head = view.draw(m.at(Spot.HEAD, at), mirrored);
        View.Drawn face = view.draw(m.at(Spot.NOSE, at), mirrored);
        List<Round> balls = new ArrayList<>();
        for (int i = 0; i < movement.handled().balls().size(); i++) {
            View.Drawn d = view.draw(m.at(Ball.SPOTS.get(i), at), mirrored);
            balls.add(new Round(
                    d.right(), d.down(), movement.handled().balls().get(i).radius(), d.near()));
        }
        return new Sketch(
                limbs,
                new Head(head.right(), head.down(), body.skull() / 2, face.right(), face.down(), head.near()),
                balls,
                Optional.ofNullable(movement.handled().thing())
                        .map(t -> limb(m, new Bone(Spot.BUTT, Spot.TIP, Of.OWN, THING), at, view, mirrored, stature)));
    }

    private static Limb limb(Motion m, Bone b, double at, View view, boolean mirrored, double stature) {
        View.Drawn from = view.draw(m.at(b.from(), at), mirrored);
        View.Drawn to = view.draw(m.at(b.to(), at), mirrored);
        return new Limb(
                b.from(),
                b.to(),
                b.of(),
                from.right(),
                from.down(),
                to.right(),
                to.down(),
                b.wide() * stature,
                (from.near() + to.near()) / 2);
    }
}
