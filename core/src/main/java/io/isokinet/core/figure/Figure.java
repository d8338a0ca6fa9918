package io.isokinet.core.figure;

import java.util.EnumMap;
import java.util.Map;

/**
 * A body in a pose: where its spots are, and where hips, chest and face point. Arms and legs are put together from where hand and foot are,
 * the elbow by its dial and the knee as the foot points, so that a foot that is planted stays where it is.
 */
public final class Figure {
    private static final double SHORT_OF_STRAIGHT = 0.999;

    private final Body body;
    private final Map<Spot, Vec> spots = new EnumMap<>(Spot.class);
    private final Vec hips;
    private final Vec chest;
    private final Vec face;
    private final boolean reaches;

    private Figure(Body body, Pose p) {
        this.body = body;
        double turn = p.get(Dial.TURN);
        hips = new Vec(1, 0, 0).turned(turn);
        Vec across = new Vec(0, 1, 0).turned(turn);
        Vec middle = new Vec(
                p.get(Dial.ALONG) * body.stature(),
                p.get(Dial.ACROSS) * body.stature(),
                p.get(Dial.HEIGHT) * body.leg());
        spots.put(Spot.HIPS, middle);
        spots.put(Spot.OWN_HIP, middle.plus(across.times(body.hips())));
        spots.put(Spot.OTHER_HIP, middle.minus(across.times(body.hips())));

        double twisted = turn + p.get(Dial.TWIST);
        Vec upright = trunk(p, new Vec(0, 0, 1), turn);
        Vec chestAhead = trunk(p, new Vec(1, 0, 0).turned(p.get(Dial.TWIST)), turn);
        Vec chestAcross = trunk(p, new Vec(0, 1, 0).turned(p.get(Dial.TWIST)), turn);
        chest = new Vec(1, 0, 0).turned(twisted);
        Vec neck = middle.plus(upright.times(body.trunk()));
        spots.put(Spot.NECK, neck);
        spots.put(Spot.OWN_SHOULDER, neck.plus(chestAcross.times(body.shoulders())));
        spots.put(Spot.OTHER_SHOULDER, neck.minus(chestAcross.times(body.shoulders())));
        spots.put(Spot.HEAD, neck.plus(upright.times(body.head() - body.skull() / 2)));
        face = new Vec(1, 0, 0).leant(-p.get(Dial.NOD)).turned(p.get(Dial.LOOK));
        boolean all = true;
        all &= arm(p, true, chestAhead, chestAcross, upright);
        all &= arm(p, false, chestAhead, chestAcross, upright);
        all &= leg(p, true);
        all &= leg(p, false);
        reaches = all;
    }

    public static Figure of(Body body, Pose pose) {
        return new Figure(body, pose);
    }

    private static Vec trunk(Pose p, Vec v, double turn) {
        return v.bent(p.get(Dial.BEND)).leant(p.get(Dial.LEAN)).turned(turn);
    }

    private boolean arm(Pose p, boolean own, Vec ahead, Vec across, Vec up) {
        Vec shoulder = at(own ? Spot.OWN_SHOULDER : Spot.OTHER_SHOULDER);
        Vec out = own ? across : across.times(-1);
        Vec to = ahead.times(p.get(own ? Dial.OWN_HAND_AHEAD : Dial.OTHER_HAND_AHEAD))
                .plus(out.times(p.get(own ? Dial.OWN_HAND_OUT : Dial.OTHER_HAND_OUT)))
                .plus(up.times(p.get(own ? Dial.OWN_HAND_UP : Dial.OTHER_HAND_UP)))
                .times(body.arm());
        double elbow = Math.toRadians(p.get(own ? Dial.OWN_ELBOW : Dial.OTHER_ELBOW));
        // Down and a little behind is where an elbow hangs; the dial takes it out and up.
        Vec pole = up.times(-Math.cos(elbow)).plus(out.times(Math.sin(elbow))).minus(ahead.times(0.3));
        Bones arm = Bones.between(shoulder, shoulder.plus(to), body.upperArm(), body.forearm(), pole);
        spots.put(own ? Spot.OWN_ELBOW : Spot.OTHER_ELBOW, arm.middle());
        spots.put(own ? Spot.OWN_WRIST : Spot.OTHER_WRIST, arm.end());
        Vec along = arm.end().minus(arm.middle()).unit();
        spots.put(own ? Spot.OWN_HAND : Spot.OTHER_HAND, arm.end().plus(along.times(body.hand() * 0.6)));
        return arm.reaches();
    }

    private boolean leg(Pose p, boolean own) {
        double turn = p.get(own ? Dial.OWN_FOOT_TURN : Dial.OTHER_FOOT_TURN);
        double tip = Math.toRadians(p.get(own ? Dial.OWN_FOOT_TIP : Dial.OTHER_FOOT_TIP));
        Vec toes = new Vec(1, 0, 0).turned(turn);
        Vec sole = new Vec(
                p.get(own ? Dial.OWN_FOOT_ALONG : Dial.OTHER_FOOT_ALONG) * body.stature(),
                p.get(own ? Dial.OWN_FOOT_ACROSS : Dial.OTHER_FOOT_ACROSS) * body.stature(),
                p.get(own ? Dial.OWN_FOOT_HEIGHT : Dial.OTHER_FOOT_HEIGHT) * body.stature());
        // The dial says where the ball of the foot is with the heel up, the heel with the toe up.
        double length = body.foot();
        Vec heel;
        Vec toe;
        if (tip >= 0) {
            toe = sole.plus(toes.times(length * 0.75));
            heel = toe.minus(toes.times(length * Math.cos(tip))).plus(new Vec(0, 0, length * Math.sin(tip)));
        } else {
            heel = sole.minus(toes.times(length * 0.25));
            toe = heel.plus(toes.times(length * Math.cos(tip))).plus(new Vec(0, 0, -length * Math.sin(tip)));
        }
        Vec along = toe.minus(heel).unit();
        Vec above = new Vec(0, 0, 1).minus(along.times(along.up())).unit();
        Vec ankle = heel.plus(along.times(length * 0.25)).plus(above.times(body.ankle()));
        Bones leg = Bones.between(
                at(own ? Spot.OWN_HIP : Spot.OTHER_HIP),
                ankle,
                body.thigh(),
                body.shank(),
                toes.plus(hips).plus(new Vec(0, 0, 0.2)));
        spots.put(own ? Spot.OWN_KNEE : Spot.OTHER_KNEE, leg.middle());
        spots.put(own ? Spot.OWN_ANKLE : Spot.OTHER_ANKLE, leg.end());
        Vec off = leg.end().minus(ankle);
        spots.put(own ? Spot.OWN_HEEL : Spot.OTHER_HEEL, heel.plus(off));
        spots.put(own ? Spot.OWN_TOE : Spot.OTHER_TOE, toe.plus(off));
        return leg.reaches();
    }

    /** Two bones from one place to another, bent towards a side. */
    private record Bones(Vec middle, Vec end, boolean reaches) {
        static Bones between(Vec from, Vec to, double first, double second, Vec pole) {
            Vec way = to.minus(from);
            double far = way.length();
            double most = (first + second) * SHORT_OF_STRAIGHT;
            double least = Math.abs(first - second) + 1e-6;
            double d = Math.max(least, Math.min(most, far));
            Vec along = far == 0 ? new Vec(0, 0, -1) : way.unit();
            Vec end = from.plus(along.times(d));
            Vec side = pole.minus(along.times(pole.dot(along)));
            if (side.length() < 1e-9) side = new Vec(along.up(), 0, -along.forward());
            if (side.length() < 1e-9) side = new Vec(0, 1, 0);
            double x = (first * first - second * second + d * d) / (2 * d);
            double y = Math.sqrt(Math.max(0, first * first - x * x));
            Vec middle = from.plus(along.times(x)).plus(side.unit().times(y));
            return new Bones(middle, end, far <= first + second + 1e-9);
        }
    }

    public Body body() {
        return body;
    }

    /** Where a spot is. */
    public Vec at(Spot spot) {
        Vec v = spots.get(spot);
        if (v == null) throw new IllegalStateException("Impossible state: no " + spot + ".");
        return v;
    }

    /** Where the hips point, level with the floor. */
    public Vec hips() {
        return hips;
    }

    /** Where the chest points, level with the floor. */
    public Vec chest() {
        return chest;
    }

    public Vec face() {
        return face;
    }

    /** How far a joint is bent, in degrees. */
    public double bend(Joint joint) {
        return joint.bend(this);
    }

    /** False where a hand or a foot is asked to be farther away than its limb is long. */
    public boolean reaches() {
        return reaches;
    }
}
