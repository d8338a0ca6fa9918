package io.isokinet.core.figure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A figure as plain shapes seen from one side, what is farther first; all in metres from where the child starts, down the page.
 *
 * @param limbs thick lines
 * @param head a circle, with a mark for where the face points
 */
public record Sketch(List<Limb> limbs, Head head) {
    public Sketch {
        limbs = List.copyOf(limbs);
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
    public record Head(double x, double y, double radius, double faceX, double faceY) {}

    private record Bone(Spot from, Spot to, Of of, double wide) {}

    /** Breadths as shares of stature: how this figure is drawn, nothing measured. */
    private static final List<Bone> BONES = List.of(
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

    /** @param mirrored true for a left-hander */
    public static Sketch of(Figure figure, View view, boolean mirrored) {
        double stature = figure.body().stature();
        List<Limb> limbs = new ArrayList<>();
        for (Bone b : BONES) {
            View.Drawn from = view.draw(figure.at(b.from()), mirrored);
            View.Drawn to = view.draw(figure.at(b.to()), mirrored);
            limbs.add(new Limb(
                    b.from(),
                    b.to(),
                    b.of(),
                    from.right(),
                    from.down(),
                    to.right(),
                    to.down(),
                    b.wide() * stature,
                    (from.near() + to.near()) / 2));
        }
        limbs.sort(Comparator.comparingDouble(Limb::near));
        double radius = figure.body().skull() / 2;
        View.Drawn head = view.draw(figure.at(Spot.HEAD), mirrored);
        View.Drawn face = view.draw(figure.at(Spot.HEAD).plus(figure.face().times(radius)), mirrored);
        return new Sketch(limbs, new Head(head.right(), head.down(), radius, face.right(), face.down()));
    }
}
